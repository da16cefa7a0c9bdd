import type { Room } from '@hopsk/words/languages';
import { spoken } from '../text/language';

/** A screen and what it says, fetched beside each other. */
export const screen =
  <C>(rooms: readonly Room[], load: () => Promise<C>): (() => Promise<C>) =>
  async () => {
    const [loaded] = await Promise.all([load(), spoken(rooms)]);
    return loaded;
  };

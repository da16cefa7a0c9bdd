/** Material's dialogs in a file of their own, which is fetched when the first one is shown. */
export { MatDialog } from '@angular/material/dialog';

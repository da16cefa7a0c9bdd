import { createServer as createPlain, type RequestListener } from 'node:http';
import { createServer, type Server, type ServerOptions } from 'node:https';
import type { Socket } from 'node:net';

/** How a TLS connection begins: a record of the handshake (RFC 8446, 5.1). */
const HANDSHAKE = 22;
/** Whoever says nothing for so long is let go (ms). */
const SILENT = 10_000;

/** A server that speaks HTTPS and, on the same port, answers whoever begins in plain HTTP by `plain`. */
export function eitherServer(tls: ServerOptions, app: RequestListener, plain: RequestListener): Server {
  const server = createServer(tls, app);
  const other = createPlain({ keepAlive: false }, plain);
  const secure = server.listeners('connection') as ((socket: Socket) => void)[];
  const sockets = new Set<Socket>();
  server.removeAllListeners('connection');
  server.on('connection', (socket: Socket) => {
    sockets.add(socket);
    const end = (): void => void socket.destroy();
    socket.setTimeout(SILENT, end).on('error', end);
    socket.once('close', () => sockets.delete(socket));
    socket.once('readable', () => {
      const first = socket.read(1) as Buffer | null;
      if (first === null) return end();
      socket.unshift(first);
      if (first[0] !== HANDSHAKE) return void other.emit('connection', socket);
      socket.setTimeout(0).off('timeout', end).off('error', end);
      for (const listener of secure) listener.call(server, socket);
    });
  });
  // Node.js counts a connection only when its handshake is over.
  server.closeAllConnections = () => {
    for (const socket of sockets) socket.destroy();
  };
  return server;
}

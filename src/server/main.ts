import { startServer } from './start-server';

await startServer();

/** An HTTP server that waits for nobody for ever. */
import { type Express } from 'express';
import { createServer, type Server } from 'node:http';

/** So long a header, and a whole request, may take, and how often that is looked after, ms. */
interface Patience {
  headersMs: number;
  requestMs: number;
  lookEveryMs: number;
}

/** Slower than this is not a page on the same network: half a header or body is let go. */
export const PATIENCE: Patience = { headersMs: 6000, requestMs: 8000, lookEveryMs: 1000 };

/** The server of an application. */
export const patientServer = (app: Express, { headersMs, requestMs, lookEveryMs }: Patience = PATIENCE): Server =>
  createServer({ headersTimeout: headersMs, requestTimeout: requestMs, connectionsCheckingInterval: lookEveryMs }, app);

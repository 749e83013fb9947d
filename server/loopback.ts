/** Whether an address can be reached only from this machine. */
export const isLoopback = (host: string): boolean =>
  host === 'localhost' || host === '::1' || host === '[::1]' || /^127(\.\d{1,3}){3}$/.test(host);

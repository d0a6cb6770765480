/** Tests give the client workers of their own. */
export default 'compute.worker.ts';

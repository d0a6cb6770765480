import * as z from 'zod';

// Before any schema is made: without this Zod probes `new Function`, which the content-security policy reports.
z.config({ jitless: true });

// An IndexedDB in memory, for the store's tests; has to be there before Dexie is loaded.
import 'fake-indexeddb/auto';

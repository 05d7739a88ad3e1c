/**
 * Environment of the server: what it frees is handed back. glibc keeps what each thread frees apart for it, and above a size that grows with what was freed it keeps that too (mallopt(3):
 * M_ARENA_MAX, M_MMAP_THRESHOLD, M_TRIM_THRESHOLD); photos and their text are larger than the size that is set here.
 */
export const serverMemory = { MALLOC_ARENA_MAX: '1', MALLOC_MMAP_THRESHOLD_: '131072', MALLOC_TRIM_THRESHOLD_: '131072' };

/**
 * What V8 is told: of a heap that may grow to several gigabytes it waits until it is four times what is in use before it looks for what is not used any more; of one of at most a gigabyte
 * about one and a half times. What lives is 60 MB. Held by `npm run bench -- shed`.
 */
export const serverFlags = ['--max-old-space-size=1024', '--max-semi-space-size=8'];

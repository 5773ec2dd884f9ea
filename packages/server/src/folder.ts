/** The server's own folder, seen from `src` and from a bundle in `dist` alike: migrations, demo jobs and worker threads lie there. */
export const SERVER_FOLDER = new URL("../", import.meta.url);

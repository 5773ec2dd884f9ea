export function bundled(root: string, entry: string): Promise<URL>;

export async function loadDemo(): Promise<number> { return 0; }

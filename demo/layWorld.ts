export async function layWorld() {}

import { Problem } from './api';
import { ask } from './lock';

/**
 * Asks for an answer that comes bit by bit, one JSON object a line, and hands each on as it comes.
 *
 * @throws {Problem} where the answer says what is wrong
 */
export async function askLines<T>(path: string, body: unknown, onLine: (line: T) => void, signal: AbortSignal): Promise<void> {
  const headers = { 'Content-Type': 'application/json' };
  const response = await ask(new Request(path, { method: 'POST', headers, body: JSON.stringify(body), signal }));
  if (!response.ok || !response.body) throw new Problem(await response.json(), response.status);
  const reader = response.body.pipeThrough(new TextDecoderStream()).getReader();
  let rest = '';
  for (;;) {
    const { done, value } = await reader.read();
    const lines = (rest + (value ?? '')).split('\n');
    rest = lines.pop() ?? '';
    for (const line of lines) onLine(JSON.parse(line));
    if (done) return;
  }
}

import { Import, importPath, Problem } from '@hatband/contract';

/** Sends a file to be brought in; `onSent` tells the share that is sent, from 0 to 1. Rejects in words. */
export function uploadMail(file: File, onSent: (share: number) => void): Promise<Import> {
  return new Promise((resolve, reject) => {
    // The other way to ask tells nothing of how far a body is sent.
    const request = new XMLHttpRequest();
    request.open('POST', `${importPath}?${new URLSearchParams({ name: file.name }).toString()}`);
    request.upload.onprogress = ({ loaded, total }) => {
      onSent(total === 0 ? 0 : loaded / total);
    };
    request.onerror = () => {
      reject(new Error('Hatband does not answer. Is it still running?'));
    };
    request.onload = () => {
      const answer: unknown = JSON.parse(request.responseText);
      if (request.status < 300) resolve(Import.parse(answer));
      else reject(new Error(Problem.parse(answer).detail));
    };
    request.send(file);
  });
}

/** Stands in for the browser's own uploads: sends by the fetch that answerWith put there, half first. */
export class FakeUpload {
  readonly upload: { onprogress: ((event: { loaded: number; total: number }) => void) | null } = {
    onprogress: null,
  };
  onload: (() => void) | null = null;
  onerror: (() => void) | null = null;
  status = 0;
  responseText = '';
  private readonly headers: Record<string, string> = {};
  private answered = new Headers();
  private method = '';
  private path = '';

  open(method: string, path: string): void {
    this.method = method;
    this.path = path;
  }

  setRequestHeader(name: string, value: string): void {
    this.headers[name] = value;
  }

  getResponseHeader(name: string): string | null {
    return this.answered.get(name);
  }

  send(body: Blob): void {
    this.upload.onprogress?.({ loaded: 1, total: 2 });
    void fetch(this.path, { method: this.method, headers: this.headers, body }).then(
      async (response) => {
        this.status = response.status;
        this.answered = response.headers;
        this.responseText = await response.text();
        this.onload?.();
      },
      () => this.onerror?.(),
    );
  }
}

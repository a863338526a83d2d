import type { Request, Response } from 'express'

/** Often enough that no proxy takes the line for dead, ms. */
const heartbeatMs = 15_000
/** A reader that takes nothing for so long is gone, whatever its connection says, ms. */
const patienceMs = 30_000

export interface EventStream {
  /** Fires when the other side has gone. */
  signal: AbortSignal
  /** Sends an event; `data` is JSON already. */
  send: (event: string, data: string) => void
  /** Sends one that nobody misses: left out while the reader is behind. */
  sendIfFree: (event: string, data: string) => void
  /** Waits until the reader has taken what was sent, or has gone. */
  taken: () => Promise<void>
  end: () => void
}

/** Opens a response as server-sent events. No more is held for a slow reader than one event. */
export function openEventStream(request: Request, response: Response): EventStream {
  const gone = new AbortController()
  response.set({
    'Content-Type': 'text/event-stream',
    // Compression would hold lines back.
    'Cache-Control': 'no-store, no-transform',
    Connection: 'keep-alive',
  })
  response.flushHeaders()
  /** Cuts the line of a reader that takes nothing. */
  let cut: NodeJS.Timeout | null = null
  const taking = () => {
    if (cut) clearTimeout(cut)
    cut = null
  }
  response.on('drain', taking)
  const write = (text: string) => {
    if (gone.signal.aborted || response.writableEnded) return
    if (!response.write(text)) cut ??= setTimeout(() => response.destroy(), patienceMs)
  }
  const beat = setInterval(() => {
    if (!response.writableNeedDrain) write(': still here\n\n')
  }, heartbeatMs)
  request.on('close', () => {
    clearInterval(beat)
    taking()
    gone.abort()
  })
  const send = (event: string, data: string) => write(`event: ${event}\ndata: ${data}\n\n`)
  return {
    signal: gone.signal,
    send,
    sendIfFree: (event, data) => {
      if (!response.writableNeedDrain) send(event, data)
    },
    taken: () =>
      new Promise((resolve) => {
        if (gone.signal.aborted || !response.writableNeedDrain) {
          resolve()
          return
        }
        const done = () => {
          response.off('drain', done)
          gone.signal.removeEventListener('abort', done)
          resolve()
        }
        response.once('drain', done)
        gone.signal.addEventListener('abort', done)
      }),
    end: () => response.end(),
  }
}

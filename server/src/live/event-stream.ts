import type { Request, Response } from 'express'

/** Often enough that no proxy takes the line for dead, ms. */
const heartbeatMs = 15_000

export interface EventStream {
  /** Fires when the other side has gone. */
  signal: AbortSignal
  send: (event: string, data: unknown) => void
  end: () => void
}

/** Opens a response as server-sent events. */
export function openEventStream(request: Request, response: Response): EventStream {
  const gone = new AbortController()
  response.set({
    'Content-Type': 'text/event-stream',
    // Compression would hold lines back.
    'Cache-Control': 'no-store, no-transform',
    Connection: 'keep-alive',
  })
  response.flushHeaders()
  const beat = setInterval(() => response.write(': still here\n\n'), heartbeatMs)
  request.on('close', () => {
    clearInterval(beat)
    gone.abort()
  })
  return {
    signal: gone.signal,
    send: (event: string, data: unknown) => {
      if (!gone.signal.aborted) response.write(`event: ${event}\ndata: ${JSON.stringify(data)}\n\n`)
    },
    end: () => response.end(),
  }
}

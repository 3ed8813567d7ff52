// Answers requests as the phone does: {open} or {method, address, body, at} a line in, one JSON text a line out.
const trackside = require('../../../target/classes/static/phone/trackside.js')
const lines = require('node:readline').createInterface({ input: process.stdin })
lines.on('line', (line) => {
  const asked = JSON.parse(line)
  if (asked.open !== undefined) {
    trackside.open(asked.open)
    process.stdout.write('{}\n')
    return
  }
  const answer = trackside.answer(asked.method, asked.address, asked.body ?? '', asked.at)
  const end = answer.indexOf('\n')
  process.stdout.write(`${JSON.stringify({ status: Number(answer.slice(0, end)), text: answer.slice(end + 1) })}\n`)
})

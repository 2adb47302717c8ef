"""Keeps WeasyPrint loaded, since loading it takes longer than most papers do.

Listens at the socket that is named: takes the length of a page (eight bytes, the highest first) and the page, and
answers with its PDF, or with nothing where that cannot be made. Each page is laid out by a process of its own, which
ends with it. Where WeasyPrint is not there, it waits and answers nobody, so that the shop opens all the same.
"""

import os
import resource
import signal
import socket
import sys
import tempfile

MOST_MEMORY = 2 << 30
MOST_BYTES = 256 << 20


def read(connection, count):
    parts = []
    while count > 0:
        part = connection.recv(min(count, 1 << 20))
        if not part:
            return None
        parts.append(part)
        count -= len(part)
    return b"".join(parts)


def answer(connection, html):
    resource.setrlimit(resource.RLIMIT_AS, (MOST_MEMORY, MOST_MEMORY))
    length = read(connection, 8)
    count = int.from_bytes(length or b"", "big")
    page = read(connection, count) if 0 < count <= MOST_BYTES else None
    if page is None:
        return
    # What fonts are unpacked to goes with the process, which ends too soon to tidy up by itself.
    with tempfile.TemporaryDirectory() as place:
        tempfile.tempdir = place
        # Fonts go in whole: taking them apart takes longer than laying a paper out, and they are small.
        connection.sendall(html(string=page.decode("utf-8")).write_pdf(optimize_size=()))


def main(path):
    try:
        from weasyprint import HTML

        if os.path.exists(path):
            os.unlink(path)
        listener = socket.socket(socket.AF_UNIX)
        listener.bind(path)
        os.chmod(path, 0o600)
        listener.listen(8)
    except (ImportError, OSError) as error:
        print(error, file=sys.stderr)
        signal.pause()
        return
    # Nobody asks how those ended that have answered.
    signal.signal(signal.SIGCHLD, signal.SIG_IGN)
    while True:
        connection, _ = listener.accept()
        if os.fork() == 0:
            try:
                listener.close()
                answer(connection, HTML)
            finally:
                connection.close()
                os._exit(0)
        connection.close()


main(sys.argv[1])

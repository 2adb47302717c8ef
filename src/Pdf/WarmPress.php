<?php

declare(strict_types=1);

namespace Wubbin\Pdf;

/** A program that lays papers out and stays loaded while the shop is open. */
final readonly class WarmPress
{
    /** It answers at once that it listens, in s; how long a paper may take. */
    private const CONNECT_S = 0.3;
    private const PAPER_S = 60;

    public function __construct(private string $dataDirectory) {}

    /** Where it listens, in a shop. */
    public static function socket(string $dataDirectory): string
    {
        return $dataDirectory . '/tmp/press.sock';
    }

    /** @return string|null the PDF; null where nobody listens, or it cannot be made so */
    public function press(string $html): ?string
    {
        $line = $this->sent($html);
        if (null === $line) {
            return null;
        }
        $pdf = (string) stream_get_contents($line);
        fclose($line);

        return str_starts_with($pdf, '%PDF-') ? $pdf : null;
    }

    /** @return WarmPaper|null on its way; null where nobody listens */
    public function begin(string $html): ?WarmPaper
    {
        $line = $this->sent($html);

        return null === $line ? null : new WarmPaper($line);
    }

    /** @return resource|null the line that the answer comes over */
    private function sent(string $html)
    {
        $socket = self::socket($this->dataDirectory);
        $line = file_exists($socket) ? @stream_socket_client('unix://' . $socket, timeout: self::CONNECT_S) : false;
        if (false === $line) {
            return null;
        }
        stream_set_timeout($line, self::PAPER_S);
        for ($rest = pack('J', strlen($html)) . $html; '' !== $rest; $rest = substr($rest, $written)) {
            $written = @fwrite($line, $rest);
            if (false === $written || 0 === $written) {
                fclose($line);

                return null;
            }
        }

        return $line;
    }
}

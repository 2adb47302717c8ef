<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Printing;

use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Exception\ExceptionInterface;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

/**
 * Asks the system's print spooler for attributes of printers and jobs, over the Internet Printing Protocol (RFC 8011),
 * by the program `ipptool` that comes with it.
 */
final readonly class Ipp
{
    private const SECONDS = 10;

    private const PRINTER = <<<'IPP'
    {
        OPERATION Get-Printer-Attributes
        GROUP operation-attributes-tag
        ATTR charset attributes-charset utf-8
        ATTR naturalLanguage attributes-natural-language en
        ATTR uri printer-uri $uri
        ATTR keyword requested-attributes
            media-supported,media-type-supported,media-source-supported,print-quality-supported
    }
    IPP;

    private const JOB = <<<'IPP'
    {
        OPERATION Get-Job-Attributes
        GROUP operation-attributes-tag
        ATTR charset attributes-charset utf-8
        ATTR naturalLanguage attributes-natural-language en
        ATTR uri job-uri $uri
        ATTR keyword requested-attributes
            job-state,job-state-reasons,job-printer-state-message,job-printer-state-reasons,job-impressions-completed
    }
    IPP;

    /**
     * @param string $destination as the spooler calls it
     *
     * @return array<string, list<string>>|null values by attribute; null where nobody answers
     */
    public static function printer(string $destination): ?array
    {
        return self::ask(self::server() . '/printers/' . rawurlencode($destination), self::PRINTER);
    }

    /** @return array<string, list<string>>|null the same of a job */
    public static function job(int $number): ?array
    {
        return self::ask(self::server() . '/jobs/' . $number, self::JOB);
    }

    /** The spooler that the other commands ask too: this machine's own, unless the environment says another. */
    private static function server(): string
    {
        $server = (string) getenv('CUPS_SERVER');

        return 'ipp://' . (1 === preg_match('/^[\w.-]+(?::\d+)?$/', $server) ? $server : 'localhost');
    }

    /** @return array<string, list<string>>|null */
    private static function ask(string $uri, string $question): ?array
    {
        $program = (new ExecutableFinder())->find('ipptool');
        if (null === $program) {
            return null;
        }
        $files = new Filesystem();
        $file = $files->tempnam(sys_get_temp_dir(), 'wubbin', '.test');
        try {
            $files->dumpFile($file, $question);
            $process = new Process([$program, '-X', $uri, $file], timeout: self::SECONDS);
            $process->run();

            return self::read($process->getOutput());
        } catch (ExceptionInterface) {
            return null;
        } finally {
            $files->remove($file);
        }
    }

    /**
     * The attributes of an answer, written as a property list.
     *
     * @return array<string, list<string>>|null null where it is none
     */
    public static function read(string $plist): ?array
    {
        $document = new \DOMDocument();
        // Nothing is fetched from elsewhere, whatever the document says of its type.
        if ('' === $plist || !@$document->loadXML($plist, \LIBXML_NONET)) {
            return null;
        }
        $found = (new \DOMXPath($document))->query(
            '//key[.="ResponseAttributes"]/following-sibling::array[1]/dict/key',
        );
        $attributes = [];
        foreach (false === $found ? [] : $found as $key) {
            if ($key instanceof \DOMElement) {
                $attributes[trim($key->textContent)] = self::values($key->nextElementSibling);
            }
        }

        return [] === $attributes ? null : $attributes;
    }

    /** @return list<string> */
    private static function values(?\DOMElement $value): array
    {
        if (null === $value) {
            return [];
        }
        $values = [];
        foreach ('array' === $value->tagName ? $value->childNodes : [$value] as $one) {
            if ($one instanceof \DOMElement) {
                $values[] = trim($one->textContent);
            }
        }

        return $values;
    }
}

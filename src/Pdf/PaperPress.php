<?php

declare(strict_types=1);

namespace Wubbin\Pdf;

use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;
use Wubbin\Refusal\Exhausted;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Task\OutsideProgram;
use Wubbin\Task\ProgramFailed;

/**
 * Lays papers out as PDF with WeasyPrint, in the screens' own type: static faces of it, since of a variable one only a
 * single weight would be embedded.
 */
final readonly class PaperPress
{
    private const FONTS = '/node_modules/@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-';

    /** Family, subset, weight. WeasyPrint knows no ranges of letters: each subset is a family of its own. */
    private const FACES = [
        ['Atkinson Hyperlegible Next', 'latin', 400],
        ['Atkinson Hyperlegible Next', 'latin', 700],
        ['Atkinson Hyperlegible Next Ext', 'latin-ext', 400],
        ['Atkinson Hyperlegible Next Ext', 'latin-ext', 700],
    ];

    /** A paper of a hundred pages takes a minute (measured). */
    private const SECONDS = 240.0;

    /** Each takes a processor for itself; two are worth having on the smallest machine (assumed). */
    private const AT_ONCE = 2;
    private const LOOK_US = 20_000;

    private const MISSING =
        'This paper could not be made. A program that Wubbin needs for it is missing. ' .
        'Start Wubbin with bin/start.';

    /** The same paper again is there at once, for so long, in s. */
    private const KEPT_S = 3600;

    public function __construct(
        private string $projectDirectory,
        private WarmPress $warm,
        private CacheInterface $kept,
    ) {}

    /**
     * @return string the PDF
     *
     * @throws Refusal where the program that lays papers out is missing, or fails
     */
    public function press(Paper $paper): string
    {
        $html = $paper->html($this->css());

        return $this->kept->get('paper-' . hash('sha256', $html), function (ItemInterface $item) use ($html): string {
            $item->expiresAfter(self::KEPT_S);
            try {
                return $this->warm->press($html) ??
                    OutsideProgram::run(['weasyprint', '-q', '-e', 'utf-8', '-', '-'], self::SECONDS, $html);
            } catch (ProgramFailed | Exhausted) {
                throw InvalidInput::field('paper', self::MISSING);
            }
        });
    }

    /**
     * Many papers as one PDF, as many at a time as there are processors worth having.
     *
     * @param \Iterator<int, Paper> $papers at least one; each is asked for when there is a processor for it
     * @param callable(int): void $told how many are laid out; what it throws ends it
     *
     * @throws Refusal as one by itself, or where there is none at all
     */
    public function pressAll(\Iterator $papers, callable $told): string
    {
        $place = sys_get_temp_dir() . '/wubbin-papers-' . bin2hex(random_bytes(6));
        $files = new Filesystem();
        $files->mkdir($place, 0o700);
        $running = $made = [];
        $waiting = new \NoRewindIterator($papers);
        try {
            $done = 0;
            while ($waiting->valid() || [] !== $running) {
                while (count($running) < self::AT_ONCE && $waiting->valid()) {
                    $n = count($made);
                    $made[$n] = sprintf('%s/%d.pdf', $place, $n);
                    $running[$n] = $this->begin($waiting->current()->html($this->css()));
                    // The next is made while this one is laid out.
                    $waiting->next();
                }
                foreach ($running as $n => $pressing) {
                    if ($pressing->isOver()) {
                        $files->dumpFile(
                            $made[$n],
                            $pressing->pdf() ?? throw InvalidInput::field('paper', self::MISSING),
                        );
                        unset($running[$n]);
                        $told(++$done);
                    }
                }
                usleep(self::LOOK_US);
            }
            $whole = $place . '/whole.pdf';
            1 === count($made)
                ? $files->copy($made[0], $whole)
                : OutsideProgram::run(['pdfunite', ...array_values($made), $whole], self::SECONDS);

            return (string) file_get_contents($whole);
        } catch (ProgramFailed | Exhausted) {
            throw InvalidInput::field('paper', self::MISSING);
        } finally {
            foreach ($running as $pressing) {
                $pressing->stop();
            }
            $files->remove($place);
        }
    }

    private function begin(string $html): Pressing
    {
        return $this->warm->begin($html) ??
            new ColdPaper(
                (new Process(['weasyprint', '-q', '-e', 'utf-8', '-', '-']))
                    ->setInput($html)
                    ->setTimeout(self::SECONDS),
            );
    }

    private function css(): string
    {
        $css = '';
        foreach (self::FACES as [$family, $subset, $weight]) {
            $css .= sprintf(
                '@font-face{font-family:"%s";font-weight:%d;src:url("file://%s%s%s-%d-normal.woff")}',
                $family,
                $weight,
                $this->projectDirectory,
                self::FONTS,
                $subset,
                $weight,
            );
        }

        return $css . file_get_contents(__DIR__ . '/paper.css');
    }
}

<?php

declare(strict_types=1);

namespace Wubbin\Tests\Pdf;

use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Output\NullOutput;
use Symfony\Component\Process\Process;
use Wubbin\Core\Tests\Slice;
use Wubbin\Demo\DemoCommand;
use Wubbin\Tests\Support\ShopTestCase;

/**
 * Every paper of the demo, on A4 and Letter, read back by poppler: the screens' type is embedded, no line of words lies
 * over another, and no heading stands alone at the foot of a page.
 */
final class PapersTest extends ShopTestCase
{
    /** Lines may touch, and descenders reach a little into what follows, in points. */
    private const TOUCH_PT = 1.5;

    private const HEADINGS = ['Ticket', 'Steps', 'Printing', 'Take care', 'Layers, from top to bottom'];

    public function testABenchCard(): void
    {
        $this->readyJob();
        $this->paper('/api/jobs/crew/card.pdf', 595.0);
    }

    #[Group('long')]
    public function testEveryPaperOfTheDemo(): void
    {
        self::assertSame(0, $this->service(DemoCommand::class)->run(new ArrayInput([]), new NullOutput()));
        $order = $this->rows('/api/orders')[0]->string('id');
        $run = $this->rows('/api/runs')[0]->string('id');
        $papers = [
            '/api/jobs/row-tags/card.pdf',
            '/api/jobs/shed-mugs/card.pdf',
            '/api/jobs/seed-bags/care.pdf',
            '/api/day.pdf',
            '/api/print/due.pdf',
            '/api/stock/buy.pdf',
            '/api/picks.pdf',
            sprintf('/api/orders/%s/confirmation.pdf', $order),
            sprintf('/api/orders/%s/label.pdf', $order),
            sprintf('/api/runs/%s/labels.pdf', $run),
        ];
        // All of them take long: some of them where not everything is tested.
        foreach (Slice::isWhole() ? $papers : array_slice($papers, -2) as $path) {
            $this->paper($path, 595.0);
        }
        $this->read($this->ask('PATCH', '/api/settings', ['paper' => 'letter']));
        $this->paper('/api/picks.pdf', 612.0);
    }

    /** @param float $wide the page, in points */
    private function paper(string $path, float $wide): void
    {
        $response = $this->ask('GET', $path);
        self::assertSame(200, $response->getStatusCode(), $path . ': ' . $response->getContent());
        $file = $this->data . '/paper.pdf';
        file_put_contents($file, (string) $response->getContent());
        self::assertStringContainsString('Atkinson', self::told('pdffonts', $file), $path);
        self::assertStringContainsString('-Bold', self::told('pdffonts', $file), $path);
        $pages = new \DOMDocument();
        self::assertTrue($pages->loadXML(self::told('pdftotext', '-bbox-layout', $file, '-')), $path);
        foreach ($pages->getElementsByTagName('page') as $n => $page) {
            self::assertEqualsWithDelta($wide, (float) $page->getAttribute('width'), 1.0, $path);
            $lines = self::lines($page);
            foreach ($lines as $at => [$box, $words]) {
                foreach (array_slice($lines, $at + 1) as [$other, $more]) {
                    self::assertFalse(
                        self::over($box, $other),
                        sprintf('%s, page %d: “%s” lies over “%s”', $path, $n + 1, $words, $more),
                    );
                }
            }
            $last = self::lowest($lines, (float) $page->getAttribute('height'));
            self::assertNotContains($last, self::HEADINGS, sprintf('%s, page %d ends so', $path, $n + 1));
        }
    }

    /** @return list<array{array{float, float, float, float}, string}> each line's box and words */
    private static function lines(\DOMElement $page): array
    {
        $lines = [];
        foreach ($page->getElementsByTagName('line') as $line) {
            $words = [];
            foreach ($line->getElementsByTagName('word') as $word) {
                $words[] = $word->textContent;
            }
            $lines[] = [
                array_map(static fn(string $side): float => (float) $line->getAttribute($side), [
                    'xMin',
                    'yMin',
                    'xMax',
                    'yMax',
                ]),
                implode(' ', $words),
            ];
        }

        /* @var list<array{array{float, float, float, float}, string}> $lines */
        return $lines;
    }

    /**
     * @param array{float, float, float, float} $one
     * @param array{float, float, float, float} $other
     */
    private static function over(array $one, array $other): bool
    {
        // A line's box is higher than its letters: a quarter of it is air.
        $air = 0.22 * min($one[3] - $one[1], $other[3] - $other[1]);

        return min($one[2], $other[2]) - max($one[0], $other[0]) > self::TOUCH_PT &&
            min($one[3], $other[3]) - max($one[1], $other[1]) > self::TOUCH_PT + $air;
    }

    /**
     * @param list<array{array{float, float, float, float}, string}> $lines
     *
     * @return string what stands lowest above the foot of the page
     */
    private static function lowest(array $lines, float $high): string
    {
        $lowest = [0.0, ''];
        foreach ($lines as [$box, $words]) {
            if ($box[3] < $high - 40.0 && $box[3] > $lowest[0]) {
                $lowest = [$box[3], $words];
            }
        }

        return $lowest[1];
    }

    private static function told(string ...$command): string
    {
        return (new Process($command))->mustRun()->getOutput();
    }
}

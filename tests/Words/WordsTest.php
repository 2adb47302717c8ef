<?php

declare(strict_types=1);

namespace Wubbin\Tests\Words;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Words\DataWords;
use Wubbin\Words\Figures;
use Wubbin\Words\PageWords;
use Wubbin\Words\PhpWords;
use Wubbin\Words\ProseWords;
use Wubbin\Words\Said;

/** What people read is found where it stands, and counted. */
final class WordsTest extends TestCase
{
    private const PROJECT = __DIR__ . '/../..';

    public function testWhatACommandDoesIsRead(): void
    {
        self::assertSame(['Print it all'], $this->ofCode("#[AsCommand('words', 'Print it all')]\nfinal class A {}"));
    }

    public function testStringsThatAreJoinedAreOneSentence(): void
    {
        $said = $this->ofCode(
            "\$a = 'Put card ' .\n 'between the ' . \$layer . '.';\nthrow new \\LogicException('Nobody reads this.');",
        );
        self::assertSame(['Put card between the ….'], $said);
    }

    #[TestWith(["\$db->query('SELECT a, b FROM jobs WHERE id = :id');"])]
    #[TestWith(["preg_match('/face down|side up/', \$a);"])]
    #[TestWith(["\$headers = 'Cache-Control: no-cache, private';"])]
    #[TestWith(["#[OA\\Property('What the interface says, to programs.')]\nclass A {}"])]
    #[TestWith(["\$id = 'iron-cover';"])]
    public function testCodeIsNotRead(string $code): void
    {
        self::assertSame([], $this->ofCode($code));
    }

    public function testTheDataSaysItsSentencesAndNotItsIds(): void
    {
        $said = self::texts(DataWords::in(self::PROJECT . '/core/data'));
        self::assertContains('Never leave a hot iron, a hot press or a burning candle alone.', $said);
        self::assertNotContains('flat-press', $said);
    }

    /** A sentence runs through what is marked up in it, and what is filled in is a gap. */
    public function testThePagesSayWholeSentences(): void
    {
        $said = self::texts(PageWords::of(self::PROJECT));
        self::assertContains(
            'No job has a day yet. Enter an order or give a job a day, and Wubbin plans it here.',
            $said,
        );
        self::assertNotEmpty(preg_grep('/^Put it into … with the pencil up/', $said));
        self::assertSame([], preg_grep('/tabular-nums|=>|^aria|https?:/', $said));
    }

    public function testAPageOfProseIsReadByItsBlocks(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'wubbin-words');
        file_put_contents(
            $file,
            "# A head\n\nOne `code` and\n[a link](there.md).\n\n- **An** item\n\n```\nno words\n```\n| a cell | |\n",
        );
        self::assertSame(['A head', 'One … and a link.', 'An item', 'a cell'], self::texts(ProseWords::in($file, 'a')));
        unlink($file);
    }

    public function testWhatIsLongAndWhatIsRareIsCounted(): void
    {
        $long = implode(' ', array_fill(0, 21, 'word')) . '.';
        $figures = Figures::of(
            [new Said('a', 'Short one. ' . ucfirst($long)), new Said('b', 'A quuxy word.')],
            static fn(array $words): array => array_values(array_intersect($words, ['quuxy'])),
        );
        self::assertSame([3, 26], [$figures->sentences, $figures->words]);
        self::assertSame([1, 0], [count($figures->long), count($figures->tooLong)]);
        self::assertSame(['quuxy' => 1], $figures->rare);
        self::assertEqualsWithDelta(1 / 26, $figures->rareShare(), 1e-9);
        self::assertFalse($figures->hold());
    }

    #[TestWith(['it begins small.', 1])]
    #[TestWith(['It ends here. then it begins small.', 1])]
    #[TestWith(['No steam, no steam, and hot.', 1])]
    #[TestWith(['The sheet is laid on it.', 1])]
    #[TestWith(['The job wants 24 sheets.', 1])]
    #[TestWith(['a label', 0])]
    #[TestWith(['Wait until the mug is cold. Then peel.', 0])]
    public function testWhatIsWrongInASentenceIsFound(string $text, int $faults): void
    {
        self::assertCount($faults, Figures::of([new Said('a', $text)], static fn(): array => [])->faults);
    }

    /** @return list<string> */
    private function ofCode(string $code): array
    {
        $directory = sys_get_temp_dir() . '/wubbin-words-' . bin2hex(random_bytes(4));
        mkdir($directory);
        file_put_contents($directory . '/A.php', "<?php\n" . $code);
        $said = self::texts(PhpWords::in($directory, $directory));
        unlink($directory . '/A.php');
        rmdir($directory);

        return $said;
    }

    /**
     * @param iterable<Said> $all
     *
     * @return list<string>
     */
    private static function texts(iterable $all): array
    {
        $texts = [];
        foreach ($all as $said) {
            $texts[] = $said->text;
        }

        return $texts;
    }
}

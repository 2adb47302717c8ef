<?php

declare(strict_types=1);

namespace Wubbin\Words;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** Everything that people read in Wubbin, with where it stands; or how plain it is. */
#[AsCommand('words', 'Print every sentence that people can read, with where it stands')]
final class WordsCommand extends Command
{
    public function __construct(#[Autowire('%kernel.project_dir%')] private readonly string $project)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('figures', null, InputOption::VALUE_NONE, 'Only count, and fail where it is not plain enough');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $all = $this->all();
        if (true !== $input->getOption('figures')) {
            foreach ($all as $said) {
                $output->writeln($said->where . "\t" . $said->text, OutputInterface::OUTPUT_RAW);
            }

            return Command::SUCCESS;
        }
        $figures = Figures::of($all, $this->rare(...));
        foreach ([...$figures->tooLong, ...$figures->faults] as $said) {
            $output->writeln($said->where . "\t" . $said->text, OutputInterface::OUTPUT_RAW);
        }
        $most = array_slice($figures->rare, 0, 12);
        $output->writeln([
            sprintf(
                '%d sentences: %.1f %% of more than %d words (at most %.0f %%), %d of more than %d (none).',
                $figures->sentences,
                100.0 * $figures->longShare(),
                Figures::LONG,
                100.0 * Figures::LONG_SHARE,
                count($figures->tooLong),
                Figures::TOO_LONG,
            ),
            sprintf(
                '%d words: %.1f %% rare (at most %.0f %%), most often %s.',
                $figures->words,
                100.0 * $figures->rareShare(),
                100.0 * Figures::RARE_SHARE,
                implode(', ', array_keys($most)),
            ),
            sprintf('%d sentences with something wrong in them (none).', count($figures->faults)),
        ]);

        return $figures->hold() ? Command::SUCCESS : Command::FAILURE;
    }

    /** @return list<Said> */
    private function all(): array
    {
        return [
            ...DataWords::in($this->project . '/core/data'),
            ...PhpWords::in($this->project . '/core/src', $this->project),
            ...PhpWords::in($this->project . '/src', $this->project),
            ...PageWords::of($this->project),
            ...DemoWords::in($this->project . '/demo'),
            ...ProseWords::in($this->project . '/README.md', 'README.md'),
        ];
    }

    /**
     * @param list<string> $words
     *
     * @return list<string> which of them are rare: neither common English nor in the glossary’s list of words on screen
     */
    private function rare(array $words): array
    {
        $glossary = (string) file_get_contents($this->project . '/docs/glossary.md');
        preg_match('/^## Words on screen.*?(?=^## |\z)/ms', $glossary, $part);
        preg_match_all('/^\| ([^|]+) \|/m', $part[0] ?? '', $rows);
        $known = array_map(mb_strtolower(...), Said::words(implode(' ', $rows[1])));

        return array_values(
            array_filter(
                Node::run($this->project . '/web/words/rare.mjs', ['words' => $words, 'known' => $known]),
                is_string(...),
            ),
        );
    }
}

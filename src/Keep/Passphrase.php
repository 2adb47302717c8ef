<?php

declare(strict_types=1);

namespace Wubbin\Keep;

use Symfony\Component\Console\Exception\InvalidArgumentException;
use Symfony\Component\Console\Helper\QuestionHelper;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Console\Question\Question;

/** The passphrase of a backup: from WUBBIN_PASSPHRASE, or asked for without showing it. */
final readonly class Passphrase
{
    private const SHORTEST = 8;

    public function __construct(private string $backupPassphrase) {}

    /** A new one, typed twice. */
    public function choose(InputInterface $input, OutputInterface $output): string
    {
        $first = $this->known(
            $input,
            $output,
            'Passphrase (it is stored nowhere: without it nobody opens the backup): ',
        );
        if (mb_strlen($first) < self::SHORTEST) {
            throw new InvalidArgumentException(sprintf('A passphrase has at least %d characters.', self::SHORTEST));
        }
        if ('' === $this->backupPassphrase && $first !== $this->ask($input, $output, 'Once more: ')) {
            throw new InvalidArgumentException('The two are different.');
        }

        return $first;
    }

    public function known(InputInterface $input, OutputInterface $output, string $question = 'Passphrase: '): string
    {
        return '' === $this->backupPassphrase ? $this->ask($input, $output, $question) : $this->backupPassphrase;
    }

    private function ask(InputInterface $input, OutputInterface $output, string $question): string
    {
        $asked = (new Question($question))->setHidden(true)->setHiddenFallback(false);
        $answer = (new QuestionHelper())->ask($input, $output, $asked);

        return is_string($answer) ? $answer : '';
    }
}

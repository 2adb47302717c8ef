<?php

declare(strict_types=1);

namespace Wubbin\Heat;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Wubbin\Core\Heat\Draw;
use Wubbin\Core\Heat\PressWindow;
use Wubbin\Core\Measure\Duration;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Measure\UnitFormat;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Job\JobFileInput;
use Wubbin\Refusal\InvalidInput;

#[AsCommand('heat', 'Compute the press window of a job file')]
final class HeatCommand extends Command
{
    public function __construct(private readonly JobFileInput $input, private readonly Catalogue $catalogue)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('job', InputArgument::OPTIONAL, 'The job file. - reads standard input', '-')
            ->addOption(
                'shelf',
                null,
                InputOption::VALUE_REQUIRED,
                'A shelf file. Without one, the shelf has one of everything',
            )
            ->addOption('json', null, InputOption::VALUE_NONE, 'JSON, with the curves');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        /** @var array{job: string} $arguments */
        $arguments = $input->getArguments();
        /** @var array{shelf: ?string, json: bool} $options */
        $options = $input->getOptions();
        [$plan] = $this->input->plan($arguments['job'], $options['shelf']);
        $format = new UnitFormat();
        $time = static fn(?float $seconds): string => null === $seconds
            ? 'never'
            : $format->quantity(Quantity::duration(Duration::seconds($seconds)));
        $windows = [];
        foreach ($plan->transfers as $transfer) {
            $case =
                $transfer->heatCase ??
                throw InvalidInput::field(
                    'heat',
                    'Wubbin cannot work out the heat here. Something is not chosen yet, or nothing is heated.',
                );
            $windows[] = $window = PressWindow::forCase($case, $this->catalogue->heat->parameters, Draw::middles());
            if (!$options['json']) {
                $output->writeln(
                    sprintf(
                        '%-15sworks from %s, too much from %s%s; the plan says %s',
                        $transfer->name,
                        $time($window->earliestS),
                        $time($window->latestS),
                        '' === $window->spoilt ? '' : ' (' . $window->spoilt . ')',
                        $time($case->recipeS) .
                            (0.0 === $window->countedFromS
                                ? ''
                                : ', counted from when the press is back: ' .
                                    $time($window->countedFromS) .
                                    ' after closing'),
                    ),
                    OutputInterface::OUTPUT_RAW,
                );
            }
        }
        if ($options['json']) {
            $output->writeln(
                json_encode($windows, \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT),
                OutputInterface::OUTPUT_RAW,
            );
        }

        return Command::SUCCESS;
    }
}

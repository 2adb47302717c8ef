<?php

declare(strict_types=1);

namespace Wubbin\Plan;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Wubbin\Core\Measure\UnitFormat;
use Wubbin\Core\Measure\Units;
use Wubbin\Core\Plan\Severity;
use Wubbin\Job\JobFileInput;

#[AsCommand('plan', 'Print the plan of a job file, as JSON or as a ticket to read')]
final class PlanCommand extends Command
{
    public function __construct(private readonly JobFileInput $input)
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
            ->addOption('json', null, InputOption::VALUE_NONE, 'JSON, which is printed anyway')
            ->addOption('ticket', null, InputOption::VALUE_NONE, 'A ticket to read instead of JSON')
            ->addOption('us', null, InputOption::VALUE_NONE, 'Inches and °F on the ticket');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        /** @var array{job: string} $arguments */
        $arguments = $input->getArguments();
        /** @var array{shelf: ?string, ticket: bool, us: bool} $options */
        $options = $input->getOptions();
        [$plan] = $this->input->plan($arguments['job'], $options['shelf']);
        if (!$options['ticket']) {
            $output->writeln(
                json_encode(
                    $plan,
                    \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES,
                ),
                OutputInterface::OUTPUT_RAW,
            );

            return Command::SUCCESS;
        }
        $format = new UnitFormat($options['us'] ? Units::Us : Units::Metric);
        $output->writeln($plan->jobName . ' · plan ' . $plan->id(), OutputInterface::OUTPUT_RAW);
        foreach ($plan->transfers as $transfer) {
            if (count($plan->transfers) > 1) {
                $output->writeln('', OutputInterface::OUTPUT_RAW);
                $output->writeln($transfer->name, OutputInterface::OUTPUT_RAW);
            }
            foreach ($transfer->decisions as $decision) {
                $output->writeln(
                    sprintf(
                        "%-13s  %s\n%-15s  %s",
                        $decision->what,
                        $format->phrase($decision->value),
                        '',
                        $format->phrase($decision->because),
                    ),
                    OutputInterface::OUTPUT_RAW,
                );
            }
            foreach ($transfer->checks as $check) {
                if (Severity::Pass !== $check->severity) {
                    $output->writeln(
                        sprintf(
                            '%-15s%s %s',
                            strtoupper($check->severity->value),
                            $format->phrase($check->message),
                            null === $check->mend ? '' : $format->phrase($check->mend),
                        ),
                        OutputInterface::OUTPUT_RAW,
                    );
                }
            }
        }

        return Command::SUCCESS;
    }
}

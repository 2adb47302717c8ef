<?php

declare(strict_types=1);

namespace Wubbin\Proof;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Wubbin\Core\Job\Approval;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Currency;
use Wubbin\Core\Measure\Money;
use Wubbin\Core\Measure\UnreadableQuantity;
use Wubbin\Job\JobChanges;
use Wubbin\Job\JobPlanner;
use Wubbin\Job\StoredJob;
use Wubbin\Measure\SettingsStore;
use Wubbin\Pdf\ShopPapers;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\NotFound;
use Wubbin\Refusal\Refusal;
use Wubbin\Storage\FileStore;

/** Makes proofs of jobs, and writes down what comes back. */
final readonly class Proofs
{
    public function __construct(
        private EntityManagerInterface $entities,
        private JobPlanner $jobs,
        private JobChanges $changes,
        private ProofPaper $paper,
        private ShopPapers $papers,
        private FileStore $files,
        private SettingsStore $settings,
        private ClockInterface $clock,
    ) {}

    /** @return list<ProofView> the latest first */
    public function of(string $job): array
    {
        $stored = $this->jobs->find($job);

        return array_map(
            fn(StoredProof $proof): ProofView => $this->view($proof, $stored),
            $this->entities->getRepository(StoredProof::class)->findBy(['job' => $job], ['made' => 'DESC']),
        );
    }

    /** @throws Refusal when there is none */
    public function find(string $id): StoredProof
    {
        return $this->entities->find(StoredProof::class, $id) ?? throw new NotFound('There is no such proof.');
    }

    /** @throws Refusal naming the field */
    public function make(string $job, ProofWish $wish): ProofView
    {
        $stored = $this->jobs->find($job);
        $of = $stored->job();
        $valid = $this->day($wish->valid);
        $price = $this->price($wish->price);
        $plan = $this->jobs->plan($of);
        foreach ($plan->transfers as $transfer) {
            if (null === $transfer->artwork()) {
                throw InvalidInput::field('for', 'There is no picture to show yet.');
            }
        }
        $pdf = $this->papers->press($this->paper->of($plan, $wish, $valid, $price));
        $file = (string) tempnam(sys_get_temp_dir(), 'wubbin-proof');
        try {
            file_put_contents($file, $pdf);
            $kept = $this->files->keep($file);
        } finally {
            unlink($file);
        }
        $proof = new StoredProof(
            Uuid::v4()->toRfc4122(),
            $of->id,
            Approval::fingerprint($of),
            $valid,
            ['job' => JobFile::write($of), 'pdf' => $kept],
            $price?->minor,
            $this->clock->now(),
        );
        $this->entities->persist($proof);
        $this->entities->flush();

        return $this->view($proof, $stored);
    }

    /**
     * An approval stands in the job, so that whatever is changed afterwards is held against it.
     *
     * @throws Refusal naming the field
     */
    public function answer(string $id, ProofAnswer $answer): ProofView
    {
        $proof = $this->find($id);
        $by = trim($answer->by);
        if ('' === $by || mb_strlen($by) > 120) {
            throw InvalidInput::field('by', 'Write who said so.');
        }
        if (!in_array($answer->state, [StoredProof::APPROVED, StoredProof::REMARKS], true)) {
            throw InvalidInput::field('state', 'Choose one of those offered.');
        }
        $remarks = trim($answer->remarks);
        if (StoredProof::REMARKS === $answer->state && '' === $remarks) {
            throw InvalidInput::field('remarks', 'Write what should be different.');
        }
        if (mb_strlen($remarks) > JobFile::LONGEST_NOTE) {
            throw InvalidInput::field('remarks', 'Remarks have room for 4000 characters.');
        }
        $now = $this->clock->now();
        $proof->answer($answer->state, $by, $remarks, $now);
        $stored = $this->jobs->find($proof->job);
        $job = $stored->job();
        $this->changes->change(
            $stored,
            $job->approved(
                StoredProof::APPROVED === $answer->state
                    ? new Approval($by, $now->format('Y-m-d'), $proof->id, $proof->shown)
                    : ($job->approval?->proof === $proof->id
                        ? null
                        : $job->approval),
            ),
        );
        $this->entities->flush();

        return $this->view($proof, $stored);
    }

    private function view(StoredProof $proof, StoredJob $stored): ProofView
    {
        return new ProofView(
            $proof->id,
            $proof->made,
            $proof->state,
            $proof->by,
            $proof->answered,
            $proof->remarks,
            $proof->valid,
            null !== $proof->valid && $proof->valid < $this->clock->now()->format('Y-m-d'),
            Approval::fingerprint($stored->job()) === $proof->shown,
            null === $proof->price
                ? null
                : Money::minor($proof->price, Currency::of($this->settings->get()->currency))->text(),
            '/api/proofs/' . $proof->id . '.pdf',
        );
    }

    private function day(string $typed): ?string
    {
        try {
            return JobFile::due('' === trim($typed) ? null : trim($typed));
        } catch (BadRecord $e) {
            throw InvalidInput::field('valid', $e->getMessage());
        }
    }

    private function price(string $typed): ?Money
    {
        try {
            return '' === trim($typed) ? null : Money::read($typed, Currency::of($this->settings->get()->currency));
        } catch (UnreadableQuantity | BadRecord $e) {
            throw InvalidInput::field('price', $e->getMessage());
        }
    }
}

<?php

declare(strict_types=1);

namespace Wubbin\Order;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Measure\Record;
use Wubbin\Cost\StoredQuote;
use Wubbin\Job\StoredJob;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;

/** Makes orders of quotes that customers have accepted. */
final readonly class AcceptedQuotes
{
    public function __construct(
        private EntityManagerInterface $entities,
        private OrderBook $orders,
        private ClockInterface $clock,
    ) {}

    /**
     * A quote that was accepted, as an order of its jobs for as many pieces as it says; once for each quote. A job that
     * an order has already is copied.
     *
     * @throws Refusal where it does not say which jobs it is for
     */
    public function accept(StoredQuote $quote, ?string $due): StoredOrder
    {
        $source = 'quote-' . $quote->id;
        $known = $this->entities->getRepository(StoredOrder::class)->findOneBy(['source' => $source]);
        if (null !== $known) {
            return $known;
        }
        $document = Record::of($quote->document);
        $jobs = [];
        foreach ($document->records('lines') as $line) {
            $like = $line->has('job') ? $this->entities->find(StoredJob::class, $line->string('job')) : null;
            if (null === $like) {
                throw InvalidInput::field('quote', 'A job of this quote is not there any more. Make the quote again.');
            }
            $job = $like->job();
            $quantity = JobFile::quantity($line->integer('quantity'));
            if ($this->isOrdered($like->id) || $quantity !== $job->quantity) {
                $job = $job->orderedAs(
                    Uuid::v4()->toRfc4122(),
                    $job->name,
                    $quantity,
                    $due,
                    $quantity === $job->quantity ? $job->breakdown : [],
                );
                $this->entities->persist(StoredJob::fromJob($job, $this->clock->now()));
            } else {
                $like->change($job->dueOn($due), $this->clock->now());
            }
            $jobs[] = $job->id;
        }
        $label = '' === $quote->label ? sprintf('Quote %d', $quote->number) : $quote->label;
        $order = new StoredOrder(Uuid::v4()->toRfc4122(), $label, $due, '', $jobs, $source, $this->clock->now());
        $order->put(new OrderHead($label, $due, '', customer: $quote->label, agreed: $document->integer('gross')));
        $order->quote = $quote->id;

        return $this->orders->keep($order);
    }

    private function isOrdered(string $job): bool
    {
        return false !==
            $this->entities
                ->getConnection()
                ->fetchOne('SELECT 1 FROM shop_order o, json_each(o.jobs) j WHERE j.value = ?', [$job]);
    }
}

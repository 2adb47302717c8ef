<?php

declare(strict_types=1);

namespace Wubbin\Order;

use Doctrine\ORM\EntityManagerInterface;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Body;
use Wubbin\Contract\Refused;
use Wubbin\Cost\StoredQuote;
use Wubbin\Http\RequestBody;
use Wubbin\Job\JobList;
use Wubbin\Refusal\NotFound;

/** One order on one page: what is paid, handed over and brought. */
#[AsController]
final readonly class OrderPageController
{
    public function __construct(
        private OrderBook $orders,
        private OrderLedger $ledger,
        private AcceptedQuotes $accepted,
        private JobList $jobs,
        private EntityManagerInterface $entities,
        private RequestBody $bodies,
    ) {}

    #[Route('/api/orders/{id}', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/orders/{id}',
            operationId: 'getOrder',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            responses: [new Answer(200, 'The order', OrderPage::class), new Refused(404, 'No such order')],
        ),
    ]
    public function get(string $id): JsonResponse
    {
        return $this->page($this->orders->find($id));
    }

    #[Route('/api/orders/{id}/payments', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/orders/{id}/payments',
            operationId: 'payOrder',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            requestBody: new Body(NewPayment::class),
            responses: [new Answer(201, 'The order', OrderPage::class), new Refused(422, 'A field is wrong')],
        ),
    ]
    public function pay(string $id, Request $request): JsonResponse
    {
        $order = $this->orders->find($id);
        $this->ledger->pay($order, $this->bodies->read($request, NewPayment::class));

        return $this->page($order, 201);
    }

    #[Route('/api/orders/{id}/payments/{payment}', methods: ['DELETE'])]
    #[
        OA\Delete(
            path: '/api/orders/{id}/payments/{payment}',
            operationId: 'unpayOrder',
            parameters: [
                new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string')),
                new OA\PathParameter(name: 'payment', schema: new OA\Schema(type: 'string')),
            ],
            responses: [new Answer(200, 'The order without it', OrderPage::class), new Refused(404, 'No such payment')],
        ),
    ]
    public function unpay(string $id, string $payment): JsonResponse
    {
        $order = $this->orders->find($id);
        $this->ledger->unpay($order, $payment);

        return $this->page($order);
    }

    #[Route('/api/orders/{id}/handovers', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/orders/{id}/handovers',
            operationId: 'handOver',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            requestBody: new Body(NewHandover::class),
            responses: [
                new Answer(201, 'The order', OrderPage::class),
                new Refused(422, 'There are not so many good pieces'),
            ],
        ),
    ]
    public function handOver(string $id, Request $request): JsonResponse
    {
        $order = $this->orders->find($id);
        $new = $this->bodies->read($request, NewHandover::class);
        $this->ledger->handOver($order, $new->id, $new->pieces, $new->note);

        return $this->page($order, 201);
    }

    #[Route('/api/orders/{id}/handovers/{handover}', methods: ['DELETE'])]
    #[
        OA\Delete(
            path: '/api/orders/{id}/handovers/{handover}',
            operationId: 'takeBackHandover',
            parameters: [
                new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string')),
                new OA\PathParameter(name: 'handover', schema: new OA\Schema(type: 'string')),
            ],
            responses: [
                new Answer(200, 'The order without it', OrderPage::class),
                new Refused(404, 'No such hand-over'),
            ],
        ),
    ]
    public function takeBack(string $id, string $handover): JsonResponse
    {
        $order = $this->orders->find($id);
        $this->ledger->takeBack($order, $handover);

        return $this->page($order);
    }

    #[Route('/api/orders/{id}/garments', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/orders/{id}/garments',
            operationId: 'bringGarments',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            requestBody: new Body(NewGarment::class),
            responses: [new Answer(201, 'The order', OrderPage::class), new Refused(422, 'A field is wrong')],
        ),
    ]
    public function bring(string $id, Request $request): JsonResponse
    {
        $order = $this->orders->find($id);
        $this->ledger->bringIn($order, $this->bodies->read($request, NewGarment::class));

        return $this->page($order, 201);
    }

    #[Route('/api/orders/{id}/garments/{garment}', methods: ['DELETE'])]
    #[
        OA\Delete(
            path: '/api/orders/{id}/garments/{garment}',
            operationId: 'giveBackGarments',
            parameters: [
                new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string')),
                new OA\PathParameter(name: 'garment', schema: new OA\Schema(type: 'string')),
            ],
            responses: [new Answer(200, 'The order without them', OrderPage::class), new Refused(404, 'No such entry')],
        ),
    ]
    public function giveBack(string $id, string $garment): JsonResponse
    {
        $order = $this->orders->find($id);
        $this->ledger->giveBack($order, $garment);

        return $this->page($order);
    }

    #[Route('/api/quotes/{quote}/order', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/quotes/{quote}/order',
            operationId: 'acceptQuote',
            parameters: [new OA\PathParameter(name: 'quote', schema: new OA\Schema(type: 'string'))],
            requestBody: new Body(OrderDue::class),
            responses: [
                new Answer(201, 'The order that it became', OrderPage::class),
                new Refused(422, 'A field is wrong'),
            ],
        ),
    ]
    public function accept(string $quote, Request $request): JsonResponse
    {
        $stored = $this->entities->find(StoredQuote::class, $quote) ?? throw new NotFound('There is no such quote.');
        $due = NewOrder::due($this->bodies->read($request, OrderDue::class)->due);

        return $this->page($this->accepted->accept($stored, $due), 201);
    }

    private function page(StoredOrder $order, int $status = 200): JsonResponse
    {
        $quote = null === $order->quote ? null : $this->entities->find(StoredQuote::class, $order->quote);

        return new JsonResponse(
            new OrderPage(
                $this->orders->view($order),
                $this->jobs->some($order->jobs),
                array_map(PaymentView::of(...), $this->ledger->payments($order->id)),
                array_map(HandoverView::of(...), $this->ledger->handovers($order->id)),
                array_map(GarmentView::of(...), $this->ledger->garments($order->id)),
                array_sum($this->ledger->toHandOver($order)),
                $quote?->number,
            ),
            $status,
        );
    }
}

<?php

declare(strict_types=1);

namespace Wubbin\Order;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Body;
use Wubbin\Contract\FileBody;
use Wubbin\Contract\Refused;
use Wubbin\Http\JsonBody;
use Wubbin\Http\RequestBody;
use Wubbin\Http\Upload;
use Wubbin\Refusal\Conflict;

/** Who ordered what, by when, and how far it is. */
#[AsController]
final readonly class OrderController
{
    public function __construct(
        private OrderBook $orders,
        private OrderLedger $ledger,
        private OrderCsv $csv,
        private RequestBody $bodies,
    ) {}

    #[Route('/api/orders', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/orders',
            operationId: 'listOrders',
            parameters: [
                new OA\QueryParameter(
                    name: 'words',
                    description: 'Of its label, customer or note',
                    required: false,
                    schema: new OA\Schema(type: 'string'),
                ),
                new OA\QueryParameter(
                    name: 'which',
                    description: 'Which of them',
                    required: false,
                    schema: new OA\Schema(type: 'string', enum: ['', 'open', 'late', 'owing', 'handed', 'archived']),
                ),
                new OA\QueryParameter(
                    name: 'after',
                    description: 'How many are passed over',
                    required: false,
                    schema: new OA\Schema(type: 'integer'),
                ),
            ],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Up to 60 orders, the soonest due first',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: OrderView::class)),
                ),
            ],
        ),
    ]
    public function list(Request $request): JsonResponse
    {
        return new JsonResponse(
            $this->orders->page(
                trim($request->query->getString('words')),
                OrdersWanted::tryFrom($request->query->getString('which')) ?? OrdersWanted::All,
                (int) $request->query->getString('after'),
            ),
        );
    }

    #[Route('/api/orders', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/orders',
            operationId: 'takeOrder',
            requestBody: new Body(NewOrder::class),
            responses: [
                new Answer(201, 'The order; each line has become a job', OrderView::class),
                new Refused(422, 'A field is wrong'),
            ],
        ),
    ]
    public function take(Request $request): JsonResponse
    {
        return new JsonResponse(
            $this->orders->view($this->orders->take(NewOrder::fromRecord(JsonBody::fromRequest($request)))),
            201,
        );
    }

    #[Route('/api/orders/{id}', methods: ['PUT'])]
    #[
        OA\Put(
            path: '/api/orders/{id}',
            operationId: 'changeOrder',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            requestBody: new Body(OrderChange::class),
            responses: [
                new Answer(200, 'The order; its jobs are due with it', OrderView::class),
                new Refused(409, 'It was changed elsewhere'),
                new Refused(422, 'A field is wrong'),
            ],
        ),
    ]
    public function change(string $id, Request $request): JsonResponse
    {
        $order = $this->orders->find($id);
        $body = $this->bodies->read($request, OrderChange::class);
        if ($body->revision !== $order->revision) {
            throw new Conflict('Somebody changed this order in another window.', ['revision' => $order->revision]);
        }
        $this->orders->change(
            $order,
            new OrderHead(
                NewOrder::label($body->label),
                NewOrder::due($body->due),
                NewOrder::note($body->note),
                $body->archived,
                OrderLedger::short('customer', $body->customer ?? $order->customer, NewOrder::LONGEST),
                OrderLedger::short('contact', $body->contact ?? $order->contact, 200),
                null === $body->agreed ? $order->agreed : $this->ledger->money('agreed', $body->agreed),
            ),
        );

        return new JsonResponse($this->orders->view($order));
    }

    #[Route('/api/orders/{id}/lines', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/orders/{id}/lines',
            operationId: 'addOrderLine',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            requestBody: new Body(WantedLine::class),
            responses: [
                new Answer(201, 'The order with one more line', OrderView::class),
                new Refused(422, 'A field is wrong'),
            ],
        ),
    ]
    public function add(string $id, Request $request): JsonResponse
    {
        $order = $this->orders->find($id);
        $body = $this->bodies->read($request, WantedLine::class);
        $this->orders->add($order, $body->what, $body->quantity, $body->sizes);

        return new JsonResponse($this->orders->view($order), 201);
    }

    /** The page names the new one, so that a second click finds the first one's. */
    #[Route('/api/orders/{id}/repeat', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/orders/{id}/repeat',
            operationId: 'repeatOrder',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            requestBody: new Body(OrderRepeat::class),
            responses: [new Answer(201, 'The same once more', OrderView::class), new Refused(422, 'A field is wrong')],
        ),
    ]
    public function repeat(string $id, Request $request): JsonResponse
    {
        $order = $this->orders->find($id);
        $body = $this->bodies->read($request, OrderRepeat::class);

        return new JsonResponse(
            $this->orders->view($this->orders->repeat($order, $body->id, NewOrder::due($body->due))),
            201,
        );
    }

    #[Route('/api/orders/preview', methods: ['POST'], priority: 1)]
    #[
        OA\Post(
            path: '/api/orders/preview',
            operationId: 'previewOrders',
            requestBody: new FileBody('file'),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'What the table says, and what is wrong with it',
                    content: new OA\JsonContent(
                        required: ['lines', 'wrong', 'orders'],
                        properties: [
                            new OA\Property(
                                property: 'lines',
                                type: 'array',
                                items: new OA\Items(
                                    required: ['line', 'order', 'due', 'what', 'quantity', 'sizes', 'known'],
                                    properties: [
                                        new OA\Property(property: 'line', type: 'integer'),
                                        new OA\Property(property: 'order', type: 'string'),
                                        new OA\Property(property: 'due', type: 'string', nullable: true),
                                        new OA\Property(property: 'what', type: 'string'),
                                        new OA\Property(property: 'quantity', type: 'integer'),
                                        new OA\Property(property: 'sizes', type: 'string'),
                                        new OA\Property(
                                            property: 'known',
                                            type: 'boolean',
                                            description: 'It was taken in before',
                                        ),
                                    ],
                                    type: 'object',
                                ),
                            ),
                            new OA\Property(
                                property: 'wrong',
                                type: 'array',
                                items: new OA\Items(
                                    required: ['line', 'column', 'message'],
                                    properties: [
                                        new OA\Property(property: 'line', type: 'integer'),
                                        new OA\Property(property: 'column', type: 'string'),
                                        new OA\Property(property: 'message', type: 'string'),
                                    ],
                                    type: 'object',
                                ),
                            ),
                            new OA\Property(property: 'orders', type: 'integer'),
                        ],
                        type: 'object',
                    ),
                ),
                new Refused(422, 'No such table at all'),
            ],
        ),
    ]
    public function preview(Request $request): JsonResponse
    {
        return new JsonResponse($this->csv->preview(Upload::fromRequest($request, 'file')->getPathname()));
    }

    #[Route('/api/orders/import', methods: ['POST'], priority: 1)]
    #[
        OA\Post(
            path: '/api/orders/import',
            operationId: 'importOrders',
            requestBody: new FileBody('file'),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Taken in',
                    content: new OA\JsonContent(
                        required: ['added', 'known'],
                        properties: [
                            new OA\Property(property: 'added', type: 'integer'),
                            new OA\Property(property: 'known', type: 'integer'),
                        ],
                        type: 'object',
                    ),
                ),
                new Refused(422, 'Lines are wrong; nothing was taken in'),
            ],
        ),
    ]
    public function import(Request $request): JsonResponse
    {
        return new JsonResponse($this->csv->read(Upload::fromRequest($request, 'file')->getPathname()));
    }
}

<?php

declare(strict_types=1);

namespace Wubbin\Proof;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Body;
use Wubbin\Contract\Refused;
use Wubbin\Http\RequestBody;
use Wubbin\Storage\FileStore;

#[AsController]
final readonly class ProofController
{
    public function __construct(private Proofs $proofs, private FileStore $files, private RequestBody $bodies) {}

    #[Route('/api/jobs/{id}/proofs', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/jobs/{id}/proofs',
            operationId: 'listProofs',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'What was shown of it, the latest first',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: ProofView::class)),
                ),
            ],
        ),
    ]
    public function list(string $id): JsonResponse
    {
        return new JsonResponse($this->proofs->of($id));
    }

    #[Route('/api/jobs/{id}/proofs', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/jobs/{id}/proofs',
            operationId: 'makeProof',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            requestBody: new Body(ProofWish::class),
            responses: [new Answer(201, 'The proof', ProofView::class), new Refused(422, 'A field is wrong')],
        ),
    ]
    public function make(string $id, Request $request): JsonResponse
    {
        return new JsonResponse($this->proofs->make($id, $this->bodies->read($request, ProofWish::class)), 201);
    }

    #[Route('/api/proofs/{id}/answer', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/proofs/{id}/answer',
            operationId: 'answerProof',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            requestBody: new Body(ProofAnswer::class),
            responses: [new Answer(200, 'The proof', ProofView::class), new Refused(422, 'A field is wrong')],
        ),
    ]
    public function answer(string $id, Request $request): JsonResponse
    {
        return new JsonResponse($this->proofs->answer($id, $this->bodies->read($request, ProofAnswer::class)));
    }

    #[Route('/api/proofs/{id}.pdf', requirements: ['id' => '[0-9a-f-]{36}'], methods: ['GET'])]
    public function pdf(string $id): Response
    {
        $response = new BinaryFileResponse($this->files->path($this->proofs->find($id)->pdf()), 200, [
            'Content-Type' => 'application/pdf',
        ]);
        $response->headers->set(
            'Content-Disposition',
            HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_INLINE, 'proof.pdf'),
        );

        return $response;
    }
}

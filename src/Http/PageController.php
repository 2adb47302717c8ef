<?php

declare(strict_types=1);

namespace Wubbin\Http;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** Serves the one page that the browser builds everything in, at whatever address a person comes in by. */
#[AsController]
final readonly class PageController
{
    public function __construct(private string $projectDirectory) {}

    #[Route('/{path}', requirements: ['path' => '(?!api/|app/|open/).*'], methods: ['GET'], priority: -10)]
    public function __invoke(): Response
    {
        $page = @file_get_contents($this->projectDirectory . '/public/app/index.html');
        if (false === $page) {
            return new Response('The page has not been built yet: run bin/start or bin/demo.', 503, [
                'Content-Type' => 'text/plain',
            ]);
        }

        return new Response($page, 200, ['Cache-Control' => 'no-cache']);
    }
}

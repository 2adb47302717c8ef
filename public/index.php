<?php

declare(strict_types=1);

use Symfony\Component\HttpFoundation\Request;
use Wubbin\Http\LastWords;
use Wubbin\Kernel;

require dirname(__DIR__) . '/vendor/autoload.php';

// What is made for a shop is nobody else's on this machine.
umask(0o077);
LastWords::listen();
$environment = getenv('WUBBIN_ENV');
$kernel = new Kernel(false === $environment || '' === $environment ? 'prod' : $environment, false);
$request = Request::createFromGlobals();
$response = $kernel->handle($request);
$response->send();
$kernel->terminate($request, $response);

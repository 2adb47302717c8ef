<?php

declare(strict_types=1);

use Symfony\Component\HttpFoundation\Request;
use Wubbin\Kernel;

require dirname(__DIR__) . '/vendor/autoload.php';

$environment = getenv('WUBBIN_ENV');
$kernel = new Kernel(false === $environment || '' === $environment ? 'prod' : $environment, false);
$request = Request::createFromGlobals();
$response = $kernel->handle($request);
$response->send();
$kernel->terminate($request, $response);

<?php

declare(strict_types=1);

// Writes the description of the HTTP interface from the code: php contract/openapi.php OUTPUT
use OpenApi\Generator;
use OpenApi\Util;
use Wubbin\Contract\TypedProperties;

require dirname(__DIR__) . '/vendor/autoload.php';

$generator = new Generator();
$generator->setVersion('3.1.0');
$generator->setProcessors([new TypedProperties(), ...$generator->getProcessors()]);
$description = $generator->generate(Util::finder(dirname(__DIR__) . '/src'));
if (null === $description) {
    throw new LogicException('Nothing is described.');
}
file_put_contents($argv[1], $description->toJson());

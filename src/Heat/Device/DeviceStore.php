<?php

declare(strict_types=1);

namespace Wubbin\Heat\Device;

use Wubbin\Core\Measure\Record;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Storage\Documents;

/** Where this shop's press and probe are reached. */
final readonly class DeviceStore
{
    private const NAME = 'device';

    /** Only this machine: what a device does is not guarded by more than its token. */
    private const ADDRESS = '/^(?:127\.0\.0\.1|localhost|\[::1\]):\d{1,5}$/';

    public function __construct(private Documents $documents) {}

    public function get(): ?RemoteDevice
    {
        $address = $this->address();

        return null === $address ? null : new RemoteDevice($address, $this->record()->string('token'));
    }

    public function address(): ?string
    {
        return $this->record()->stringOrNull('address');
    }

    /** @throws Refusal naming the field */
    public function put(string $address, string $token): void
    {
        $address = trim($address);
        if ('' !== $address && 1 !== preg_match(self::ADDRESS, $address)) {
            throw InvalidInput::field(
                'address',
                'The device must be on this machine. Write 127.0.0.1, a colon and its port.',
            );
        }
        if ('' !== $address && 1 !== preg_match('/^[\w-]{4,128}$/', trim($token))) {
            throw InvalidInput::field('token', 'The token is what the device printed: letters and digits.');
        }
        $this->documents->put(self::NAME, '' === $address ? [] : ['address' => $address, 'token' => trim($token)]);
    }

    private function record(): Record
    {
        return $this->documents->get(self::NAME) ?? Record::of([]);
    }
}

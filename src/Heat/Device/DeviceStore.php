<?php

declare(strict_types=1);

namespace Wubbin\Heat\Device;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Core\Measure\Record;
use Wubbin\Http\Problem;
use Wubbin\Measure\Setting;

/** Where this shop's press and probe are reached. */
final readonly class DeviceStore
{
    private const NAME = 'device';

    /** Only this machine: what a device does is not guarded by more than its token. */
    private const ADDRESS = '/^(?:127\.0\.0\.1|localhost|\[::1\]):\d{1,5}$/';

    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function get(): ?RemoteDevice
    {
        $address = $this->address();

        return null === $address ? null : new RemoteDevice($address, $this->record()->string('token'));
    }

    public function address(): ?string
    {
        return $this->record()->stringOrNull('address');
    }

    /** @throws Problem naming the field */
    public function put(string $address, string $token): void
    {
        $address = trim($address);
        if ('' !== $address && 1 !== preg_match(self::ADDRESS, $address)) {
            throw Problem::field('address', 'A device is reached on this machine: 127.0.0.1, a colon and its port.');
        }
        if ('' !== $address && 1 !== preg_match('/^[\w-]{4,128}$/', trim($token))) {
            throw Problem::field('token', 'The token is what the device printed: letters and digits.');
        }
        $stored = $this->entities->find(Setting::class, self::NAME) ?? new Setting(self::NAME, []);
        $stored->value = '' === $address ? [] : ['address' => $address, 'token' => trim($token)];
        $this->entities->persist($stored);
        $this->entities->flush();
    }

    private function record(): Record
    {
        return Record::of($this->entities->find(Setting::class, self::NAME)->value ?? []);
    }
}

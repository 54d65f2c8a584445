<?php

declare(strict_types=1);

namespace App\Gateway;

use App\Gateway\Events\GatewayEvent;
use App\Models\Gateway;
use Kavvel\Core\Input\InvalidInput;

/** Turns what a gateway sends into events of a type; a kind of event that Kavvel does not know is passed over. */
final readonly class EventReader
{
    /** @var array<string, class-string<GatewayEvent>> by the word of the gateway link */
    private const TYPES = [
        'window.opened' => Events\WindowOpened::class,
        'window.closed' => Events\WindowClosed::class,
        'device.announced' => Events\DeviceAnnounced::class,
        'device.seen' => Events\DeviceSeen::class,
        'device.asks' => Events\DeviceAsks::class,
        'device.secured' => Events\DeviceSecured::class,
        'device.networked' => Events\DeviceNetworked::class,
        'device.failed' => Events\DeviceFailed::class,
        'device.excluded' => Events\DeviceExcluded::class,
        'device.interviewing' => Events\DeviceInterviewing::class,
        'device.joined' => Events\DeviceJoined::class,
        'device.incomplete' => Events\DeviceIncomplete::class,
        'device.reported' => Events\DeviceReported::class,
        'device.reachable' => Events\DeviceReachable::class,
        'device.left' => Events\DeviceLeft::class,
        'key.learnt' => Events\KeyLearnt::class,
        'key.unclear' => Events\KeyUnclear::class,
        'signal.sent' => Events\SignalSent::class,
        'bus.heard' => Events\BusHeard::class,
        'telegram.sent' => Events\TelegramSent::class,
        'label.set' => Events\LabelSet::class,
        'command.done' => Events\CommandDone::class,
        'command.failed' => Events\CommandFailed::class,
        'reading.progress' => Events\ReadingProgress::class,
        'reading.done' => Events\ReadingDone::class,
        'reading.more' => Events\ReadingMore::class,
    ];

    /**
     * @throws InvalidInput
     */
    public static function read(Gateway $gateway, RawEvent $event): ?GatewayEvent
    {
        $type = self::TYPES[$event->type()] ?? null;

        return $type === null ? null : $type::read($gateway, $event->at(), $event->data());
    }
}

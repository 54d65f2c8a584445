<?php

declare(strict_types=1);

namespace App\Ecosystems;

use App\Models\BridgeBox;
use App\Models\Ecosystem;
use App\Models\Wrapper;
use App\Outside\Connection;
use App\Outside\OutsideFailure;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Kavvel\Core\Bridging\ShownDevice;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Protocol\Release;

/** Speaks the ecosystem link (docs/ecosystem-link.md) to one ecosystem or one box. */
final readonly class EcosystemClient
{
    private const LONGEST_KEY = 512;

    private function __construct(private Connection $link) {}

    public static function for(Ecosystem|BridgeBox $one): self
    {
        return new self(new Connection(Str::ucfirst($one->name), (string) $one->url, (string) $one->token));
    }

    /** @throws OutsideFailure */
    public function about(): About
    {
        return $this->link->reading($this->link->send('GET', '/v1/about'), static fn (Input $about): About => new About(
            Release::fromInput($about->find('matterRelease')),
            $about->find('firmware')?->textUpTo(40),
            $about->find('account')?->textUpTo(120),
        ));
    }

    /**
     * @return list<ShownDevice>
     *
     * @throws OutsideFailure
     */
    public function shown(): array
    {
        return $this->link->reading(
            $this->link->send('GET', '/v1/devices'),
            static fn (Input $answer): array => ShownDevice::all($answer->get('devices')),
        );
    }

    /**
     * @return array<string, string> ids of what is in a box, by mark
     *
     * @throws OutsideFailure
     */
    public function contents(): array
    {
        return $this->link->reading($this->link->send('GET', '/v1/devices'), static function (Input $answer): array {
            $ids = [];
            foreach ($answer->get('devices')->items() as $row) {
                if ($row->find('mark') !== null) {
                    $ids[$row->get('mark')->idUpTo(80)] = $row->get('device')->idUpTo(80);
                }
            }

            return $ids;
        });
    }

    /**
     * @return list<array{mark: string, of: string, name: string}> what a box made of devices, and the id in the box of each
     *
     * @throws OutsideFailure
     */
    public function made(): array
    {
        return $this->link->reading($this->link->send('GET', '/v1/devices'), static function (Input $answer): array {
            $made = [];
            foreach ($answer->get('devices')->items() as $row) {
                if ($row->find('mark') !== null && $row->find('of') !== null) {
                    $made[] = [
                        'mark' => $row->get('mark')->idUpTo(80), 'of' => $row->get('of')->idUpTo(80),
                        'name' => $row->get('name')->textUpTo(200),
                    ];
                }
            }

            return $made;
        });
    }

    /**
     * @param  list<string>  $devices  ids in the box
     *
     * @throws OutsideFailure
     */
    public function show(string $command, string $form, array $devices): void
    {
        $this->link->send('PUT', '/v1/shown', ['command' => $command, 'form' => $form, 'devices' => $devices]);
    }

    /**
     * @param  string|null  $device  id in the box of the one that is shared; null: all that it shows
     * @return string the code of the window
     *
     * @throws OutsideFailure
     */
    public function openWindow(string $command, int $seconds, ?string $device): string
    {
        $asked = ['command' => $command, 'seconds' => $seconds, ...($device === null ? [] : ['device' => $device])];

        return $this->link->reading(
            $this->link->send('POST', '/v1/windows', $asked),
            static fn (Input $answer): string => $answer->get('code')->idUpTo(255),
        );
    }

    /**
     * @param  string  $window  the command that opened it
     *
     * @throws OutsideFailure
     */
    public function closeWindow(string $command, string $window): void
    {
        $this->link->send('DELETE', '/v1/windows/'.rawurlencode($window), ['command' => $command]);
    }

    /**
     * @param  string  $for  key of the box or the ecosystem that it is for
     *
     * @throws OutsideFailure
     */
    public function makeKey(string $command, string $for): string
    {
        return $this->link->reading(
            $this->link->send('POST', '/v1/keys', ['command' => $command, 'for' => $for]),
            static fn (Input $answer): string => $answer->get('key')->idUpTo(self::LONGEST_KEY),
        );
    }

    /**
     * @param  string  $device  id in the box
     * @return string|null the mark of what it made of it
     *
     * @throws OutsideFailure
     */
    public function wrap(string $command, string $device, Wrapper $as, string $name): ?string
    {
        $threshold = $as->threshold();
        $asked = [
            'command' => $command, 'device' => $device, 'make' => $as->wrapping->value, 'name' => $name, 'default' => $as->default_value,
            ...$threshold === null ? [] : ['open' => $threshold->open, 'closed' => $threshold->closed],
        ];

        return $this->link->reading(
            $this->link->send('POST', '/v1/wrappers', $asked),
            static fn (Input $answer): ?string => $answer->find('mark')?->idUpTo(80),
        );
    }

    /**
     * @param  string  $wrapper  id in the box
     *
     * @throws OutsideFailure
     */
    public function unwrap(string $command, string $wrapper): void
    {
        $this->link->send('DELETE', '/v1/wrappers/'.rawurlencode($wrapper), ['command' => $command]);
    }

    /**
     * @param  string  $device  id in the ecosystem
     *
     * @throws OutsideFailure
     */
    public function rename(string $command, string $device, string $name, string $room): void
    {
        $path = '/v1/devices/'.rawurlencode($device).'/name';
        $this->link->send('PUT', $path, ['command' => $command, 'name' => $name, 'room' => $room]);
    }

    /**
     * Operates a device; whether it obeyed, sights tell.
     *
     * @param  string  $device  id in the ecosystem
     *
     * @throws OutsideFailure
     */
    public function order(string $command, string $device, string $capability, string $value): void
    {
        $path = '/v1/devices/'.rawurlencode($device).'/orders';
        $this->link->send('POST', $path, ['command' => $command, 'capability' => $capability, 'value' => $value]);
    }

    /**
     * @return list<Seen> what it saw after that number, by our clock
     *
     * @throws OutsideFailure
     */
    public function sights(int $after): array
    {
        $answer = $this->link->send('GET', '/v1/sights', ['after' => $after]);
        $now = now()->toDateTimeImmutable();

        return $this->link->reading($answer, static function (Input $answer) use ($now): array {
            $ahead = Carbon::instance($answer->get('clock')->moment())->diffInMilliseconds($now);

            return array_map(static fn (Input $row): Seen => new Seen(
                $row->get('number')->wholeFrom(1),
                Carbon::instance($row->get('at')->moment())->addMilliseconds((int) $ahead)->toDateTimeImmutable(),
                $row->get('device')->idUpTo(80),
                $row->get('capability')->idUpTo(80),
                $row->get('value')->textUpTo(200),
            ), $answer->get('sights')->items());
        });
    }

    /**
     * The number of the last that it saw.
     *
     * @throws OutsideFailure
     */
    public function newestSight(): int
    {
        return $this->link->reading(
            $this->link->send('GET', '/v1/sights', ['after' => PHP_INT_MAX >> 1]),
            static fn (Input $answer): int => $answer->get('newest')->wholeFrom(0),
        );
    }
}

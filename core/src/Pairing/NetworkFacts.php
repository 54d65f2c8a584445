<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

use Kavvel\Core\Catalogue\WifiSheet;
use Kavvel\Core\Input\Input;

/** What is known of the network that an IP device is to join. Null: nobody has looked. */
final readonly class NetworkFacts
{
    /**
     * @param  list<string>|null  $bands  of the Wi-Fi for devices, "2.4" and "5" (GHz)
     * @param  string|null  $security  its mode: "wpa2", "wpa3" or "wpa2-wpa3"
     * @param  bool|null  $isHidden  its name is not sent out
     * @param  bool|null  $oneSegment  the hub and the devices are on one segment
     * @param  bool|null  $letsDiscoveryThrough  IPv6 and multicast pass between them
     * @param  bool|null  $onVpn  the phone or the hub goes through a tunnel
     * @param  bool|null  $clockIsRight  of the hub
     */
    public function __construct(
        public ?array $bands = null,
        public ?string $security = null,
        public ?bool $isHidden = null,
        public ?bool $oneSegment = null,
        public ?bool $letsDiscoveryThrough = null,
        public ?bool $onVpn = null,
        public ?bool $clockIsRight = null,
    ) {}

    /** Null or empty: nothing is known. */
    public static function fromInput(?Input $input): self
    {
        return new self(
            $input?->find('bands') === null
                ? null
                : array_map(static fn (Input $band): string => $band->word(WifiSheet::BANDS), $input->get('bands')->items()),
            $input?->find('security')?->word(WifiSheet::SECURITY),
            $input?->find('hidden')?->flag(),
            $input?->find('oneSegment')?->flag(),
            $input?->find('discovery')?->flag(),
            $input?->find('tunnel')?->flag(),
            $input?->find('clock')?->flag(),
        );
    }

    /** @return array<string, mixed> as fromInput() reads it */
    public function kept(): array
    {
        return array_filter([
            'bands' => $this->bands, 'security' => $this->security, 'hidden' => $this->isHidden, 'oneSegment' => $this->oneSegment,
            'discovery' => $this->letsDiscoveryThrough, 'tunnel' => $this->onVpn, 'clock' => $this->clockIsRight,
        ], static fn (mixed $fact): bool => $fact !== null);
    }

    /** What is not known here is as the other knows it. */
    public function or(self $other): self
    {
        return new self(
            $this->bands ?? $other->bands,
            $this->security ?? $other->security,
            $this->isHidden ?? $other->isHidden,
            $this->oneSegment ?? $other->oneSegment,
            $this->letsDiscoveryThrough ?? $other->letsDiscoveryThrough,
            $this->onVpn ?? $other->onVpn,
            $this->clockIsRight ?? $other->clockIsRight,
        );
    }
}

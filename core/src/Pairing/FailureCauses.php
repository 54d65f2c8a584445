<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** What lies behind a failure that the hub has named. */
final readonly class FailureCauses
{
    private Causes $causes;

    private function __construct(private Evidence $evidence)
    {
        $this->causes = new Causes($evidence);
    }

    /** @return list<Cause|null> likeliest and cheapest first */
    public static function of(Evidence $evidence, Failure $failure): array
    {
        $of = new self($evidence);

        return match ($failure) {
            Failure::CodeRefused => [$of->causes->wrongCode(), $of->causes->crowd(), $of->causes->far()],
            Failure::CodeMissing => [$of->codeMissing()],
            Failure::Owned => [$of->causes->owned()],
            Failure::NoBorderRouter => [$of->noBorderRouter(), $of->credentials()],
            Failure::NoCredentials => [$of->credentials(), $of->noBorderRouter()],
            Failure::NetworkNotFound => $of->notFound(),
            Failure::NetworkRefused => $of->notLetIn(),
            Failure::NotReached => $of->notReached(),
            Failure::FabricsFull => [$of->fabricsFull()],
            Failure::NotOpen => [$of->codeUsed(), $of->shareClosed(), $of->causes->owned()],
            Failure::Clock => [$of->clock()],
            Failure::TimedOut => [
                $of->causes->far() ?? $of->causes->brokenLink(),
                $evidence->isOnBattery() ? $of->causes->flatBattery() : $of->causes->noPower(),
                $of->causes->crowd(),
            ],
        };
    }

    private function codeMissing(): Cause
    {
        $what = $this->evidence->profile->codeSheet?->family->words() ?? 'code';

        return new Cause('code-missing', "It joins only with its {$what}.", "Scan the {$what} from the device, then open the next window.");
    }

    private function noBorderRouter(): Cause
    {
        return new Cause(
            'no-border-router',
            'No border router of this Thread network is on.',
            'Switch the border router on, wait a minute, and look at the sheet of the hub.',
        );
    }

    private function credentials(): Cause
    {
        return new Cause(
            'thread-credentials',
            'What takes it in does not have the credentials of this Thread network.',
            'Hand the dataset of the network over to the hub, then try again.',
        );
    }

    /** @return list<Cause|null> */
    private function notFound(): array
    {
        $wifi = $this->evidence->profile->wifi;
        $facts = $this->evidence->network;
        $isWrongBand = $facts->bands !== null && $wifi?->hears($facts->bands) === false;
        $isHidden = $facts->isHidden === true && $wifi?->joinsHidden === false;
        $band = new Cause(
            'wifi-band',
            'It hears '.implode(' and ', $wifi->bands ?? ['2.4']).' GHz only, and the Wi-Fi that it was given is not sent there.',
            'Switch '.implode(' and ', $wifi->bands ?? ['2.4']).' GHz on for this name, or give it the name that has it.',
        );
        $hidden = new Cause(
            'wifi-hidden',
            'The name of the Wi-Fi is hidden: it does not find it.',
            'Let the name be sent out, at least until it is in.',
        );

        return [
            $isWrongBand ? $band : null,
            $isHidden ? $hidden : null,
            $this->causes->far(),
            $isWrongBand ? null : $band,
            $isHidden || $facts->isHidden === false ? null : $hidden,
        ];
    }

    /** @return list<Cause|null> */
    private function notLetIn(): array
    {
        $wifi = $this->evidence->profile->wifi;
        $mode = $this->evidence->network->security;
        $isWrongMode = $mode !== null && $wifi !== null && ! in_array($mode, $wifi->security, true);
        $security = new Cause(
            'wifi-security',
            $isWrongMode
                ? 'The Wi-Fi asks for '.strtoupper($mode).', which it does not know.'
                : 'The Wi-Fi may ask for a security mode that it does not know.',
            'Set the Wi-Fi for devices to '.strtoupper($wifi->security[0] ?? 'wpa2').'.',
        );
        $password = new Cause(
            'wifi-password',
            'The password of the Wi-Fi is not the one that it was given.',
            'Type the password of the Wi-Fi again: capital letters, and no space at its end.',
        );

        return $isWrongMode ? [$security, $password] : [$password, $security];
    }

    /** @return list<Cause|null> */
    private function notReached(): array
    {
        $facts = $this->evidence->network;
        $segment = new Cause(
            'segment',
            'The hub and the device are on different segments, or one is in the guest network.',
            'Put the hub and the devices into one segment, or let discovery pass between them.',
        );
        $filtered = new Cause(
            'filtered',
            'Something on the way filters IPv6, multicast or discovery.',
            'Switch the filter off at the router and the access points: IPv6 and multicast must pass.',
        );
        $vpn = new Cause('vpn', 'The phone or the hub goes through a tunnel.', 'Switch the tunnel off while devices are taken in.');
        $known = [
            $facts->oneSegment === false ? $segment : null,
            $facts->letsDiscoveryThrough === false ? $filtered : null,
            $facts->onVpn === true ? $vpn : null,
        ];
        $open = [
            $facts->oneSegment === null ? $segment : null,
            $facts->letsDiscoveryThrough === null ? $filtered : null,
            $facts->onVpn === null ? $vpn : null,
        ];

        return [...$known, ...$open, $this->causes->far()];
    }

    private function fabricsFull(): Cause
    {
        return new Cause(
            'fabric-full',
            'It is in as many fabrics as it has room for.',
            'Take it out of an ecosystem that no longer needs it; its list shows them.',
        );
    }

    private function codeUsed(): Cause
    {
        return new Cause(
            'code-used',
            'It is in a fabric already: the code of its sticker opens it once.',
            'Where it is in, open a share window, and take the code that is shown there.',
        );
    }

    private function shareClosed(): Cause
    {
        return new Cause(
            'share-closed',
            'The share window is over; each share has its own code.',
            'Open the share window again, and take the new code.',
        );
    }

    private function clock(): Cause
    {
        return new Cause(
            'clock',
            'A clock is wrong: the device’s certificate does not hold at its time.',
            'Set the clock of the hub, and let it follow the network.',
        );
    }
}

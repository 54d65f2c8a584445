<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

use Kavvel\Core\Input\Input;

/** One step of a recipe as data: what to do, how often or how long, with what. */
final readonly class Step
{
    public const KINDS = [
        'press', 'hold', 'pin-hold', 'pull-tab', 'insert-battery', 'power-on', 'power-cycle', 'turn', 'tap', 'scan', 'enter-code',
    ];

    private function __construct(public string $kind, public int $times, public float $seconds, public string $target) {}

    public static function fromInput(Input $input): self
    {
        return new self(
            $input->get('do')->word(self::KINDS),
            $input->find('times')?->wholeFrom(1) ?? 1,
            $input->find('seconds')?->numberFrom(0) ?? 0.0,
            $input->find('target')?->text() ?? '',
        );
    }

    public function sentence(): string
    {
        $target = $this->target === '' ? 'the button' : $this->target;
        $times = $this->times === 1 ? 'once' : "{$this->times} times";
        $seconds = rtrim(rtrim(number_format($this->seconds, 1, '.', ''), '0'), '.').' s';

        return match ($this->kind) {
            'press' => "Press {$target} {$times}".($this->seconds > 0 ? " within {$seconds}" : ''),
            'tap' => "Tap {$target} {$times}, do not hold",
            'hold' => "Hold {$target} for {$seconds}",
            'pin-hold' => "Push a pin into {$target} for {$seconds}",
            'pull-tab' => 'Pull the battery tab',
            'insert-battery' => 'Put the battery in',
            'power-on' => 'Power on'.($this->target === '' ? '' : " at {$this->target}"),
            'power-cycle' => "Switch off and on {$times}",
            'turn' => "Turn {$target} {$times}",
            'scan' => 'Scan the code on the sticker',
            default => 'Enter the code from the sticker',
        };
    }

    public function tool(): ?string
    {
        return $this->kind === 'pin-hold' ? 'pin' : null;
    }
}

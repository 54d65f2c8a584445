<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

use Kavvel\Core\Input\Input;

/** Something of a device that can be set: a number within limits, one of a few words, or any short text. */
final readonly class Setting
{
    /**
     * @param  list<string>  $choices  none: it is no choice
     * @param  bool  $isNumber  it has a unit or limits
     */
    private function __construct(
        public string $name,
        public string $words,
        public string $unit,
        public ?string $usual,
        public ?float $least,
        public ?float $most,
        public array $choices,
        public bool $isNumber,
    ) {}

    public static function fromInput(Input $input): self
    {
        $least = $input->find('least')?->number();
        $most = $input->find('most')?->numberFrom($least ?? -INF);
        $unit = $input->find('unit')?->text() ?? '';

        return new self(
            $input->get('name')->id(),
            $input->get('words')->text(),
            $unit,
            $input->find('usual')?->scalar(),
            $least,
            $most,
            array_map(static fn (Input $one): string => $one->id(), $input->find('choices')?->items() ?? []),
            $unit !== '' || $least !== null || $most !== null,
        );
    }

    /**
     * A value as it is kept.
     *
     * @throws SettingRefused
     */
    public function read(string $value): string
    {
        if ($this->choices !== []) {
            return in_array($value, $this->choices, true) ? $value : throw SettingRefused::isNoChoice($this);
        }
        if (! $this->isNumber) {
            return $value;
        }
        $number = filter_var(str_replace(',', '.', $value), FILTER_VALIDATE_FLOAT);
        if ($number === false) {
            throw SettingRefused::isNoNumber($this);
        }
        if ($number < ($this->least ?? -INF) || $number > ($this->most ?? INF)) {
            throw SettingRefused::isOutside($this);
        }

        return rtrim(rtrim(number_format($number, 3, '.', ''), '0'), '.');
    }

    /** "10 to 100 %" */
    public function limits(): string
    {
        $span = match (true) {
            $this->least !== null && $this->most !== null => "{$this->least} to {$this->most}",
            $this->least !== null => "from {$this->least}",
            $this->most !== null => "up to {$this->most}",
            default => '',
        };

        return trim("{$span} {$this->unit}");
    }
}

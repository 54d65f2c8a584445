<?php

declare(strict_types=1);

namespace App\Http\Requests\Fit;

use App\Stations\Fit\ActInput;
use App\Stations\Fit\CircuitAct;
use Illuminate\Validation\Rule;
use Kavvel\Core\Fit\Detector;
use Kavvel\Core\Fit\EnergySource;
use Kavvel\Core\Fit\SiteTest;
use Kavvel\Core\Fit\SourceFound;

/** An act at a circuit that is worked on, with what was read. */
final class CircuitActRequest extends FitRequest
{
    private const READ = [CircuitAct::ReadLive->value, CircuitAct::ReadDead->value];

    /** Who takes another's lock off answers for it. */
    public function authorize(): bool
    {
        return $this->input('act') !== CircuitAct::Relieve->value || $this->person()->can('lead', $this->siteJob());
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $act = $this->string('act')->toString();
        $isLook = $act === CircuitAct::Look->value;
        $isDetector = in_array($act, [CircuitAct::DetectorBefore->value, CircuitAct::DetectorAfter->value], true);
        $isPair = $act === CircuitAct::ReadDead->value;
        $isTest = $act === CircuitAct::Test->value;

        return [
            'act' => ['required', Rule::enum(CircuitAct::class)],
            'slot' => ['nullable', 'string', $this->existsInJob('slots')],
            'source' => [Rule::requiredIf($isLook), Rule::enum(EnergySource::class)],
            'found' => [Rule::requiredIf($isLook), Rule::enum(SourceFound::class)],
            'detector' => [Rule::requiredIf($isDetector), Rule::in([Detector::Works->value, Detector::Fails->value])],
            'volts' => [Rule::requiredIf(in_array($act, self::READ, true)), 'numeric', 'min:0', 'max:1000'],
            'a' => [Rule::requiredIf($isPair), 'string', 'max:40'],
            'b' => [Rule::requiredIf($isPair), 'string', 'max:40'],
            'test' => [Rule::requiredIf($isTest), Rule::in([...SiteTest::BEFORE, ...SiteTest::AFTER])],
            'reading' => [Rule::requiredIf($isTest), 'string', 'max:60'],
            'of' => [Rule::requiredIf($act === CircuitAct::Relieve->value), 'string', 'max:255'],
            'is_passed' => [Rule::requiredIf($isTest), 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'volts.required' => 'Type what the detector shows: 0 where it shows nothing.',
            'reading.required' => 'Type what the tester showed, for example “0.3 ohm”.',
        ];
    }

    public function act(): ActInput
    {
        return new ActInput(
            CircuitAct::from($this->string('act')->toString()),
            $this->string('slot')->toString() ?: null,
            $this->enum('source', EnergySource::class),
            $this->enum('found', SourceFound::class),
            $this->enum('detector', Detector::class),
            $this->filled('volts') ? $this->float('volts') : null,
            $this->string('a')->toString(),
            $this->string('b')->toString(),
            $this->string('test')->toString(),
            $this->string('reading')->squish()->toString(),
            $this->boolean('is_passed'),
            $this->string('of')->toString(),
        );
    }

    public function back(): string
    {
        return route('jobs.fit', array_filter(['job' => $this->siteJob(), 'next' => $this->string('slot')->toString() ?: null]));
    }

    protected function prepareForValidation(): void
    {
        $this->takeDecimalCommas('volts');
    }
}

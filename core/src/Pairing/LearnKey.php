<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

/** A key of a remote: where its code comes from, whether the device obeys it, and whether it only toggles. */
final readonly class LearnKey
{
    /** @param bool|null $works null: nobody has tried it */
    private function __construct(public string $name, public bool $toggles, public bool $isLearnt, public ?bool $works) {}

    public static function wanted(string $name, bool $toggles): self
    {
        return new self($name, $toggles, false, null);
    }

    public static function of(string $name, bool $toggles, bool $isLearnt, ?bool $works): self
    {
        return new self($name, $toggles, $isLearnt, $works);
    }

    /** What an act makes of it; one that does not belong to where it stands changes nothing. */
    public function after(LearnAct $act): self
    {
        return match ($act) {
            LearnAct::PresetWorks => $this->isLearnt ? $this : new self($this->name, $this->toggles, false, true),
            LearnAct::PresetFails => $this->isLearnt ? $this : new self($this->name, $this->toggles, false, false),
            LearnAct::Learnt => new self($this->name, $this->toggles, true, null),
            LearnAct::Works => $this->isLearnt ? new self($this->name, $this->toggles, true, true) : $this,
            LearnAct::Fails => $this->isLearnt ? new self($this->name, $this->toggles, false, false) : $this,
        };
    }

    public function step(LearnSchool $school): LearnStep
    {
        return match (true) {
            $this->works === true => LearnStep::Done,
            $this->isLearnt => LearnStep::Try,
            $this->works === null && $school === LearnSchool::PresetFirst => LearnStep::TryPreset,
            default => LearnStep::Learn,
        };
    }

    /** "by the preset", "learnt", "open" */
    public function source(): string
    {
        return match (true) {
            $this->isLearnt => 'learnt',
            $this->works === true => 'by the preset',
            $this->works === false => 'not by the preset',
            default => 'open',
        };
    }
}

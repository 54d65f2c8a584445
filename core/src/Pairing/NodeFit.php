<?php

declare(strict_types=1);

namespace Kavvel\Core\Pairing;

use Kavvel\Core\Catalogue\Profile;

/** Whether a node is the device that a slot waits for: by protocol, model and what it can do. */
final readonly class NodeFit
{
    /** @param list<string> $missing capabilities that the profile has and the node has not */
    private function __construct(
        private Profile $profile,
        private ReportedNode $node,
        public bool $isOfItsProtocol,
        public bool $isOfItsModel,
        public array $missing,
    ) {}

    public static function of(Profile $profile, ReportedNode $node): self
    {
        return new self(
            $profile,
            $node,
            $node->protocol === $profile->protocol,
            $node->model === $profile->model,
            array_values(array_diff($profile->capabilities, $node->capabilities)),
        );
    }

    /** It is what the plan has here, whole. */
    public function isExact(): bool
    {
        return $this->isOfItsProtocol && $this->isOfItsModel && $this->missing === [];
    }

    /** The right device, perhaps not whole: its interview was cut short. */
    public function isItsModel(): bool
    {
        return $this->isOfItsProtocol && $this->isOfItsModel;
    }

    /** A node of another protocol can never be this device; another model can, if a person says so. */
    public function isPossible(): bool
    {
        return $this->isOfItsProtocol;
    }

    /** What speaks against it, or null. */
    public function objection(): ?string
    {
        return match (true) {
            ! $this->isOfItsProtocol => "The plan has a {$this->profile->protocol->title()} device here, and this is one of "
                ."{$this->node->protocol->title()}.",
            $this->node->model === null => 'It has not said which model it is.',
            ! $this->isOfItsModel => "The plan has {$this->profile->model} here, and this is {$this->node->model}.",
            $this->missing !== [] => 'It can’t do all that the plan wants here. Missing: '.implode(', ', $this->missing).'.',
            default => null,
        };
    }
}

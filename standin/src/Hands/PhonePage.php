<?php

declare(strict_types=1);

namespace Kavvel\Standin\Hands;

use Kavvel\Core\Bridging\Act;
use Kavvel\Core\Bridging\ActKind;
use Kavvel\Core\Bridging\BoxAtHand;
use Kavvel\Core\Bridging\EcosystemAtHand;
use Kavvel\Core\Bridging\Form;
use Kavvel\Core\Bridging\FormWords;
use Kavvel\Core\Bridging\Wrapping;
use Kavvel\Standin\Ecosystems\AtBoxes;
use Kavvel\Standin\Ecosystems\EcosystemDeeds;
use Kavvel\Standin\House\House;
use Kavvel\Standin\Time\Clockwork;
use Kavvel\Standin\Time\Fold;
use Kavvel\Standin\Time\HandLog;

/** The client's phone, the panel on the wall, and the pages of the boxes: what is done there and not in Kavvel. */
final readonly class PhonePage
{
    private const TEXTS = ['box', 'of', 'form', 'for', 'key', 'device', 'by', 'code', 'id', 'name', 'room', 'door', 'make', 'default'];

    /** For how long a sharing window is opened on the page of a box */
    private const WINDOW_SECONDS = 900;

    /** @param string $base what its addresses begin with, where several houses stand in */
    public function __construct(private House $house, private HandLog $log, public string $base = '') {}

    public function html(string $chosen): string
    {
        $page = $this;
        $state = $this->state();
        $premises = $this->house->premises;
        $ecosystem = $premises->ecosystems[$chosen] ?? null;
        $box = $ecosystem === null ? $premises->box($chosen) : null;
        if ($ecosystem === null && $box === null) {
            $ecosystem = array_values($premises->ecosystems)[0] ?? null;
        }
        ob_start();
        require __DIR__.'/../../views/phone.php';

        return (string) ob_get_clean();
    }

    /** @param array<string, mixed> $form */
    public function act(array $form): void
    {
        $act = (string) ($form['act'] ?? '');
        $allowed = [...EcosystemDeeds::AT_BOXES, ...EcosystemDeeds::AT_ECOSYSTEMS, 'down', 'internet'];
        if (! in_array($act, $allowed, true)) {
            return;
        }
        $entry = ['do' => 'ecosystem', 'act' => $act];
        foreach (self::TEXTS as $text) {
            if (($form[$text] ?? '') !== '') {
                $entry[$text] = (string) $form[$text];
            }
        }
        $entry += match ($act) {
            'open-window' => ['ref' => 'window-'.bin2hex(random_bytes(6)), 'seconds' => self::WINDOW_SECONDS],
            'make-key' => ['ref' => 'key-'.bin2hex(random_bytes(6))],
            'lag' => ['seconds' => (int) ($form['seconds'] ?? 0)],
            'down', 'internet' => ['on' => ($form['on'] ?? '') === '1'],
            'show' => ['devices' => self::list($form)],
            'wrap' => self::threshold($form),
            default => [],
        };
        $this->log->append($entry);
    }

    /** @return list<array{string, string, Wrapping}> what a box can make of what is in it: key of the device, its name, and what */
    public function makeable(BoxAtHand $box, Fold $state): array
    {
        $makeable = [];
        foreach ($box->sheet->wraps ? array_keys($state->contents->of($box->id)) : [] as $device) {
            $can = $state->sources->device((string) $device)->device->profile->capabilities;
            foreach ($state->sources->made((string) $device) === null ? Wrapping::cases() : [] as $wrapping) {
                if (in_array($wrapping->of(), $can, true)) {
                    $makeable[] = [(string) $device, $this->called((string) $device, $state), $wrapping];
                }
            }
        }

        return $makeable;
    }

    public function called(string $device, Fold $state): string
    {
        return $state->sources->name($device) ?? $state->sources->device($device)->device->title;
    }

    /** @return list<EcosystemAtHand|BoxAtHand> */
    public function places(): array
    {
        return array_values([...$this->house->premises->ecosystems, ...$this->house->premises->boxes, ...$this->house->premises->bridges]);
    }

    /** @return list<array{label: string, form: array<string, string>}> what can be done there, and to the house */
    public function deeds(EcosystemAtHand|BoxAtHand $one, Fold $state): array
    {
        return [
            ...$one instanceof BoxAtHand ? $this->deedsAt($one, $state) : $this->deedsIn($one, $state),
            $state->ecosystems->hasInternet
                ? self::deed([], 'The internet goes out', 'internet', ['on' => '0'])
                : self::deed([], 'The internet is back', 'internet', ['on' => '1']),
        ];
    }

    /** @return list<array{label: string, form: array<string, string>}> what can be done in an ecosystem beside what it shows */
    private function deedsIn(EcosystemAtHand $one, Fold $state): array
    {
        $now = $state->ecosystems->all[$one->id];
        $deeds = [];
        foreach ($one->sheet->acts as $form => $acts) {
            $as = trim((string) $form);
            if (AtBoxes::asks($acts, ActKind::SwitchOn) && ! in_array($as, $now->on, true)) {
                $deeds[] = self::deed(['of' => $one->id], self::say($acts, ActKind::SwitchOn), 'switch-on', ['form' => $as]);
            }
        }
        $deeds[] = self::deed(['of' => $one->id], 'Have it look for devices', 'discover');
        foreach ($now->doors as $door) {
            if ($door->form === Form::MATTER_BRIDGE) {
                $name = $this->house->premises->household->box((string) $door->box)->name ?? (string) $door->box;
                $deeds[] = self::deed(['of' => $one->id], "Take {$name} out, with all behind it", 'close', ['door' => $door->key()]);
            }
        }
        $deeds[] = $now->lagSeconds > 0
            ? self::deed(['of' => $one->id], 'Its servers are quick again', 'lag', ['seconds' => '0'])
            : self::deed(['of' => $one->id], 'Its servers lag by two minutes', 'lag', ['seconds' => '120']);
        $deeds[] = $now->isDown
            ? self::deed(['of' => $one->id], 'Its servers are back', 'down', ['on' => '0'])
            : self::deed(['of' => $one->id], 'Its servers go down', 'down', ['on' => '1']);

        return $deeds;
    }

    /** @return list<array{label: string, form: array<string, string>}> what can be done on the page of a box */
    private function deedsAt(BoxAtHand $one, Fold $state): array
    {
        $now = $state->ecosystems->boxes[$one->id];
        if (! $now->isThere) {
            return [self::deed(['box' => $one->id], $one->sheet->isService ? 'Sign up for it' : 'Plug it in', 'set-up')];
        }
        $deeds = [];
        foreach ($one->sheet->acts as $form => $acts) {
            $as = trim((string) $form);
            if (AtBoxes::asks($acts, ActKind::SwitchOn) && ! in_array($as, $now->on, true)) {
                $deeds[] = self::deed(['box' => $one->id], self::say($acts, ActKind::SwitchOn), 'switch-on', ['form' => $as]);
            }
            if (AtBoxes::asks($acts, ActKind::Window)) {
                $deeds[] = self::deed(['box' => $one->id], self::say($acts, ActKind::Window), 'open-window');
            }
            foreach (AtBoxes::asks($acts, ActKind::Key) ? $this->takers($as) : [] as $for) {
                $deeds[] = self::deed(['box' => $one->id], "Make a key for {$for->name}", 'make-key', ['for' => $for->id]);
            }
        }
        foreach (array_keys($state->contents->of($one->id)) as $device) {
            if ($state->atBoxes()->objection($one->id, (string) $device) === null) {
                $name = $this->called((string) $device, $state);
                $deeds[] = self::deed(['box' => $one->id], "Share {$name} on", 'open-window', ['device' => (string) $device]);
            }
        }
        foreach ($now->made as $id => $made) {
            $deeds[] = self::deed(['box' => $one->id], "Take {$made->name} out again", 'unwrap', ['device' => (string) $id]);
        }
        foreach (array_keys($now->shown) as $form) {
            $words = FormWords::of((string) $form);
            $deeds[] = self::deed(['box' => $one->id], "Show everything as {$words}", 'show', ['form' => (string) $form]);
        }

        return $deeds;
    }

    /** Whether a key is entered there that a box made. */
    public function takesKey(EcosystemAtHand|BoxAtHand $one): bool
    {
        $accepts = $one instanceof BoxAtHand ? $one->box()->accepts : $one->sheet->accepts;
        foreach ($this->house->premises->boxes as $box) {
            foreach ($box->sheet->acts as $form => $acts) {
                if (AtBoxes::asks($acts, ActKind::Key) && in_array(trim((string) $form), $accepts, true)) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param  array<string, mixed>  $form
     * @return array<string, float> none where one of the two is left out
     */
    private static function threshold(array $form): array
    {
        [$open, $closed] = [$form['open'] ?? '', $form['closed'] ?? ''];

        return is_numeric($open) && is_numeric($closed) ? ['open' => (float) $open, 'closed' => (float) $closed] : [];
    }

    public function state(): Fold
    {
        return (new Clockwork($this->house, $this->log))->now();
    }

    /** @return list<EcosystemAtHand|BoxAtHand> whoever takes something in by a form */
    private function takers(string $form): array
    {
        return array_values(array_filter($this->places(), static fn (EcosystemAtHand|BoxAtHand $one): bool => in_array(
            $form,
            $one instanceof BoxAtHand ? $one->box()->accepts : $one->sheet->accepts,
            true,
        )));
    }

    /** @param list<Act> $acts */
    private static function say(array $acts, ActKind $kind): string
    {
        foreach ($acts as $act) {
            if ($act->kind === $kind) {
                return $act->say;
            }
        }

        return $kind->done();
    }

    /**
     * @param  array<string, string>  $at
     * @param  array<string, string>  $more
     * @return array{label: string, form: array<string, string>}
     */
    private static function deed(array $at, string $label, string $act, array $more = []): array
    {
        return ['label' => $label, 'form' => [...$at, 'act' => $act, ...$more]];
    }

    /**
     * @param  array<string, mixed>  $form
     * @return list<string>|null null: everything
     */
    private static function list(array $form): ?array
    {
        return isset($form['chosen']) ? array_values(array_map(strval(...), (array) ($form['show'] ?? []))) : null;
    }
}

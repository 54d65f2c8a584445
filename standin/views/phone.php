<?php
/**
 * @var Kavvel\Standin\Hands\PhonePage $page
 * @var Kavvel\Standin\Time\Fold $state
 * @var Kavvel\Core\Bridging\EcosystemAtHand|null $ecosystem
 * @var Kavvel\Core\Bridging\BoxAtHand|null $box
 */
use Kavvel\Core\Bridging\BoxAtHand;
use Kavvel\Core\Bridging\FormWords;

$e = static fn (string $text): string => htmlspecialchars($text, ENT_QUOTES);
$hidden = static fn (string $name, string $value): string => "<input type=\"hidden\" name=\"{$e($name)}\" value=\"{$e($value)}\">";
$one = $ecosystem ?? $box;
$at = $ecosystem !== null ? 'of' : 'box';
/** @param array<string, string> $fields */
$open = static fn (string $class, array $fields): string => "<form method=\"post\" action=\"{$page->base}/phone\" class=\"{$class}\">"
    .implode('', array_map($hidden, array_keys($fields), $fields));
$now = $ecosystem === null ? null : $state->ecosystems->all[$ecosystem->id];
$shown = $box === null ? null : $state->ecosystems->boxes[$box->id];
?>
<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>Phone · stand-in house</title>
<link rel="stylesheet" href="/hands.css">
</head>
<body data-base="<?= $page->base ?>">
<header>
    <h1>Phone</h1>
    <p>What the client does on an own phone, at the panel, and on the pages of the boxes. Kavvel sees none of this page.</p>
    <p class="window"><a href="<?= $page->base ?>/hands">To the hands</a></p>
</header>
<main>
    <nav aria-label="Ecosystems and boxes">
        <ul>
            <?php foreach ($page->places() as $place) { ?>
            <li><a href="<?= $page->base ?>/phone?at=<?= $e($place->id) ?>"<?= $place === $one ? ' aria-current="true"' : '' ?>>
                <span><?= $e($place->name) ?></span>
                <small><?= $place instanceof BoxAtHand ? 'box' : $e($place->sheet->kind->value) ?></small>
            </a></li>
            <?php } ?>
        </ul>
    </nav>
    <section aria-labelledby="title">
        <?php if ($one === null) { ?>
        <h2 id="title">This house has neither ecosystems nor boxes</h2>
        <?php } else { ?>
        <h2 id="title"><?= $e($one->name) ?></h2>
        <?php if ($now !== null) { ?>
        <p class="sub"><?= $now->by === null ? 'Nobody is signed in' : 'Signed in: '.$e($now->by) ?></p>
        <p class="says" role="status"><?= $e($now->says) ?></p>
        <?= $open('fault', ['act' => 'sign-in', 'of' => $one->id]) ?><label for="by">Name</label><input id="by" name="by" required>
            <button>Sign in</button></form>
        <?= $open('fault', ['act' => 'scan', 'of' => $one->id]) ?><label for="code">Code</label><input id="code" name="code" required>
            <button>Add by this code</button></form>
        <?php } elseif ($shown !== null) { ?>
        <p class="sub"><?= $shown->isThere ? 'In its place' : 'Not there yet' ?></p>
        <?php } ?>
        <?php if ($page->takesKey($one)) { ?>
        <?= $open('fault', ['act' => 'enter-key', $at => $one->id]) ?><label for="key">Key</label><input id="key" name="key" required>
            <button>Enter this key</button></form>
        <?php } ?>
        <div class="deeds">
            <?php foreach ($page->deeds($one, $state) as $deed) {
                echo $open('', $deed['form']), "<button>{$e($deed['label'])}</button></form>";
            } ?>
        </div>
        <?php if ($now !== null) { ?>
        <h3><?= count($now->entries) ?> devices show here</h3>
        <ul class="shown">
            <?php foreach ($now->entries as $entry) { ?>
            <li data-shown="<?= $e($entry->device) ?>"><strong><?= $e($entry->name) ?></strong>
                <span><?= $e($entry->room ?? 'no room') ?></span>
                <?= $open('fault', ['act' => 'rename', 'of' => $one->id, 'id' => $entry->id]) ?>
                    <label>Name <input name="name" value="<?= $e($entry->name) ?>"></label>
                    <label>Room <input name="room" value="<?= $e($entry->room ?? '') ?>"></label><button>Set</button></form>
                <?= $open('', ['act' => 'delete', 'of' => $one->id, 'id' => $entry->id]) ?><button>Delete</button></form></li>
            <?php } ?>
        </ul>
        <?php } elseif ($box !== null && $shown !== null) { ?>
        <?php foreach ($state->ecosystems->openWindows() as $window) {
            if ($window->box === $box->id) { ?>
        <p class="says">A sharing window is open, with the code
            <code data-window="<?= $e($window->code) ?>"><?= $e($window->code) ?></code></p>
        <?php }
            } ?>
        <?php foreach ($shown->keys as $for => $key) { ?>
        <p class="says">Key for <?= $e((string) $for) ?>: <code><?= $e($key) ?></code></p>
        <?php } ?>
        <?php $makeable = $page->makeable($box, $state);
        if ($makeable !== []) { ?>
        <h3>What it makes of devices</h3>
        <?php foreach ($makeable as [$device, $name, $wrapping]) { ?>
        <?= $open('fault', ['act' => 'wrap', 'box' => $box->id, 'device' => $device, 'make' => $wrapping->value]) ?>
            <label>Of <?= $e($name) ?>, <?= $e($wrapping->of()) ?> as <?= $e($wrapping->as()) ?>: name
                <input name="name" value="<?= $e($name) ?>" required></label>
            <label>At first <input name="default" value="<?= $e($wrapping->defaults()) ?>" required></label>
            <?php if ($wrapping->isMeasured()) { ?>
            <label>Open from <input name="open" inputmode="decimal" required></label>
            <label>Closed from <input name="closed" inputmode="decimal" required></label>
            <?php } ?>
            <button>Make it</button></form>
        <?php } ?>
        <?php } ?>
        <?php foreach ($box->sheet->offers as $offer) { ?>
        <h3>What it shows as <?= $e(FormWords::of($offer->as)) ?></h3>
        <?= $open('', ['act' => 'show', 'box' => $box->id, 'form' => $offer->as, 'chosen' => '1']) ?>
        <ul class="shown">
            <?php foreach (array_keys($state->contents->of($box->id)) as $device) { ?>
            <li><label>
                <input type="checkbox" name="show[]" value="<?= $e((string) $device) ?>"<?=
                    $shown->shows((string) $device, $offer->as) ? ' checked' : '' ?>>
                <?= $e($page->called((string) $device, $state)) ?></label></li>
            <?php } ?>
        </ul>
        <button>Show these and no others</button></form>
        <?php } ?>
        <?php } ?>
        <?php } ?>
    </section>
</main>
</body>
</html>

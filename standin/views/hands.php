<?php
/**
 * @var Kavvel\Standin\Hands\HandsPage $page
 * @var Kavvel\Standin\Time\Fold $state
 * @var Kavvel\Standin\House\DeviceState $device
 */
use Kavvel\Standin\Hands\HandsPage;
use Kavvel\Standin\House\Fault;

$e = static fn (string $text): string => htmlspecialchars($text, ENT_QUOTES);
$sticker = $page->sticker($device);
$hidden = static fn (string $name, string $value): string => "<input type=\"hidden\" name=\"{$e($name)}\" value=\"{$e($value)}\">";
$option = static fn (string $value, string $words, bool $isChosen): string => sprintf(
    '<option value="%s"%s>%s</option>',
    $e($value),
    $isChosen ? ' selected' : '',
    $e($words),
);
?>
<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>Hands · stand-in house</title>
<link rel="stylesheet" href="/hands.css">
<script src="/hands.js" defer></script>
</head>
<body data-base="<?= $page->base ?>">
<header>
    <h1>Hands</h1>
    <p>What hands do on site, for the stand-in house. Kavvel sees none of this page.</p>
    <p class="window" id="window" aria-live="polite"></p>
    <p><a href="<?= $page->base ?>/phone">To the phone</a></p>
</header>
<main>
    <nav aria-label="Devices">
        <?php foreach ($page->rooms($state) as $room => $devices) { ?>
        <h2><?= $e(ucfirst($room)) ?></h2>
        <ul>
            <?php foreach ($devices as $one) { ?>
            <li><a href="<?= $page->base ?>/hands?device=<?= $e($one->device->key) ?>" data-device="<?= $e($one->device->key) ?>"
                data-pattern="<?= $e($page::sign($one)['pattern']) ?>"
                data-colour="<?= $e($page::sign($one)['colour']) ?>"<?= $one === $device ? ' aria-current="true"' : '' ?>>
                <svg viewBox="0 0 12 12" aria-hidden="true"><circle cx="6" cy="6" r="4"/></svg>
                <span><?= $e($one->device->title) ?></span>
                <small data-phase><?= $e(HandsPage::phaseWords($one->phase)) ?></small>
            </a></li>
            <?php } ?>
        </ul>
        <?php } ?>
    </nav>
    <section aria-labelledby="title">
        <h2 id="title"><?= $e(ucfirst($device->device->title)) ?></h2>
        <p class="sub"><?= $e($device->device->profile->name) ?>, <?= $e($device->device->room) ?></p>
        <figure data-device="<?= $e($device->device->key) ?>" data-pattern="<?= $e($page::sign($device)['pattern']) ?>"
            data-colour="<?= $e($page::sign($device)['colour']) ?>">
            <svg viewBox="0 0 220 130" role="img" aria-label="The device and its light">
                <rect x="30" y="16" width="160" height="98" rx="12"/>
                <rect class="key" x="186" y="46" width="12" height="38" rx="4"/>
                <circle class="light" cx="110" cy="46" r="9"/>
                <text x="110" y="92" text-anchor="middle"><?= $e($device->device->profile->model) ?></text>
            </svg>
            <figcaption data-light><?= $e($page::sign($device)['words']) ?></figcaption>
        </figure>
        <div class="deeds">
            <?php foreach ($page->deeds($device) as $deed) { ?>
            <form method="post" action="<?= $page->base ?>/hands">
                <?= implode('', array_map($hidden, array_keys($deed['form']), $deed['form'])) ?>
                <button><?= $e($deed['label']) ?></button>
            </form>
            <?php } ?>
        </div>
        <?php if ($device->device->position === null) { ?>
        <h3><?= $device->hasPower() ? 'It is plugged in' : 'It lies in the van, without power' ?></h3>
        <form method="post" action="<?= $page->base ?>/hands" class="fault">
            <?= $hidden('do', 'plug-at'), $hidden('device', $device->device->key) ?>
            <label for="socket">Plug it in at</label>
            <select id="socket" name="point">
                <?php foreach ($page->sockets() as $socket => $where) {
                    echo $option($socket, $where, $page->isPluggedAt($device, $socket));
                } ?>
            </select>
            <button>Plug it in</button>
        </form>
        <?php } ?>
        <?php if ($device->device->remote === null) { ?>
        <h3>Sticker</h3>
        <div class="sticker"><?= $sticker->svg() ?><p><code><?= $e($sticker->address) ?></code><br>
            <?php if ($sticker->code !== null) { ?><code data-code="<?= $e($sticker->code) ?>"><?= $e($sticker->printed) ?></code>
            <?php } ?></p></div>
        <?php } ?>
        <?php if ($device->device->behind === null && $device->device->remote === null) { ?>
        <h3>Plant a fault</h3>
        <form method="post" action="<?= $page->base ?>/hands" class="fault">
            <?= $hidden('do', 'fault'), $hidden('device', $device->device->key) ?>
            <label for="fault">What is wrong with it</label>
            <select id="fault" name="fault"><option value="">Nothing</option>
                <?php foreach (Fault::of($device->device->profile->protocol, $device->device->profile->power === 'battery') as $fault) {
                    echo $option($fault->value, $fault->words(), $device->fault === $fault);
                } ?>
            </select>
            <button>Plant it</button>
        </form>
        <?php } ?>
        <h3>Hub and clock</h3>
        <div class="deeds">
            <?php foreach ($page->deedsOfTheHub($device) as $deed) { ?>
            <form method="post" action="<?= $page->base ?>/hands">
                <?= implode('', array_map($hidden, array_keys($deed['form']), $deed['form'])) ?>
                <button><?= $e($deed['label']) ?></button>
            </form>
            <?php } ?>
        </div>
    </section>
</main>
</body>
</html>

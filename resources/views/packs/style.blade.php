<style>
@page { margin: 18mm 18mm 20mm; }
body { font-family: 'DejaVu Sans'; font-size: 9.5pt; color: #12242b; line-height: 1.35; }
h1 { font-size: 26pt; margin: 40mm 0 4mm; }
h2 { font-size: 15pt; margin: 0 0 3mm; page-break-after: avoid; }
.lead { page-break-after: avoid; }
h2.next { margin-top: 8mm; }
h3 { font-size: 11pt; margin: 5mm 0 1.5mm; page-break-after: avoid; }
.page { page-break-before: always; }
.quiet { color: #3d5057; }
.bar { width: 40mm; border-top: 2.2mm solid #a8480f; margin-bottom: 6mm; }
table { width: 100%; border-collapse: collapse; margin-bottom: 3mm; }
th { text-align: left; font-size: 8pt; color: #3d5057; border-bottom: 0.4mm solid #12242b; padding: 1mm 2mm 1mm 0; }
td { border-bottom: 0.2mm solid #d4dad8; padding: 0.9mm 2mm 0.9mm 0; vertical-align: top; }
tr { page-break-inside: avoid; }
.r { text-align: right; }
.mono { font-family: 'DejaVu Sans Mono'; font-size: 7.5pt; }
.rung { white-space: nowrap; }
.sign td { height: 13mm; vertical-align: bottom; border-bottom: 0.3mm solid #12242b; }
.together { page-break-inside: avoid; }
.nowrap { white-space: nowrap; }
.box { border-left: 1.2mm solid #6b4a00; background: #fff3cf; padding: 2mm 3mm; margin-bottom: 3mm; }
.tags span { margin-right: 5mm; }
</style>

<meta charset="utf-8">
<style>
    body { font-family: 'DejaVu Sans', sans-serif; font-size: 10pt; color: #1d2b33; }
    h1 { margin: 0 0 1mm; font-size: 16pt; }
    table { width: 100%; border-collapse: collapse; }
    tr { page-break-inside: avoid; }
    td { padding: 1.5mm 3mm 1.5mm 0; border-bottom: 0.2mm solid #a9b1aa; vertical-align: top; }
    .number { width: 8mm; font-size: 14pt; font-weight: bold; }
    .page { page-break-after: always; }
    .page:last-child { page-break-after: auto; }
    p { margin: 0 0 2mm; }
    .soft { color: #55626a; }
</style>

    body { font-size: 10pt; }
    table { width: 100%; }
    td { padding: 1.5mm 3mm 1.5mm 0; border-bottom: 0.2mm solid #a9b1aa; }
    .number { width: 8mm; font-size: 14pt; font-weight: bold; }

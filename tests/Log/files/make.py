"""Writes the two spreadsheets beside it, with programs that know nothing of this one: openpyxl 3.0.9 and odfpy 1.4.2
(Debian 12: python3-openpyxl, python3-odf). Run once: /usr/bin/python3 make.py"""
import datetime
import os

from odf.opendocument import OpenDocumentSpreadsheet
from odf.table import Table, TableCell, TableRow
from odf.text import P
from openpyxl import Workbook

HERE = os.path.dirname(os.path.abspath(__file__))
ROWS = [
    ["Name", "Date", "Reps", "Misses", "Remark"],
    ["Femi", datetime.date(2026, 3, 3), 38, 2, "new rope"],
    ["Ilse", datetime.date(2026, 3, 5), 12, 7, None],
]

book = Workbook()
sheet = book.active
for row in ROWS:
    sheet.append(row)
for cell in ("B2", "B3"):
    sheet[cell].number_format = "d mmm yy"
book.save(os.path.join(HERE, "log.xlsx"))

document = OpenDocumentSpreadsheet()
table = Table(name="Log")
for row in ROWS:
    line = TableRow()
    for value in row:
        if isinstance(value, datetime.date):
            cell = TableCell(valuetype="date", datevalue=value.isoformat())
            cell.addElement(P(text=value.strftime("%d.%m.%y")))
        elif isinstance(value, int):
            cell = TableCell(valuetype="float", value=value)
            cell.addElement(P(text=str(value)))
        else:
            cell = TableCell(valuetype="string")
            cell.addElement(P(text=value or ""))
        line.addElement(cell)
    table.addElement(line)
document.spreadsheet.addElement(table)
document.save(os.path.join(HERE, "log.ods"))

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
    ["Evening class", None, None, None],
    ["Member", "Date of birth", "Height (cm)", "Notes"],
    ["Ilse Tannow", datetime.date(1994, 3, 12), 168, 'a "quote", a comma'],
    ["Lucía Ferrandiz", datetime.date(2011, 12, 31), 163.5, None],
    ["Femi Adarou", None, "6'0\"", "two\nlines"],
    ["Nobody Yet", None, None, None],
]

book = Workbook()
sheet = book.active
for row in ROWS:
    sheet.append(row)
sheet["C8"] = "=C3+C4"
book.save(os.path.join(HERE, "class.xlsx"))

document = OpenDocumentSpreadsheet()
table = Table(name="Class")
for row in ROWS:
    line = TableRow()
    for value in row:
        if isinstance(value, datetime.date):
            cell = TableCell(valuetype="date", datevalue=value.isoformat())
            cell.addElement(P(text=value.isoformat()))
        elif isinstance(value, (int, float)):
            cell = TableCell(valuetype="float", value=value)
            cell.addElement(P(text=str(value)))
        else:
            cell = TableCell(valuetype="string")
            for part in (value or "").split("\n"):
                cell.addElement(P(text=part))
        line.addElement(cell)
    table.addElement(line)
document.spreadsheet.addElement(table)
document.save(os.path.join(HERE, "class.ods"))

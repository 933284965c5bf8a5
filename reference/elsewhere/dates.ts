import type { Told } from './worked';

/**
 * Days between dates, weekdays, weeks of ISO 8601 and months added, by the calendar of Python 3.11 and dateutil 2.9.
 */
export const datesElsewhere: readonly Told[] = [
  [
    { do: 'date', op: 'difference', from: '1850-01-04', to: '1969-06-24' },
    { days: 43635, ymd: [119, 5, 20], weekday: 2, isoWeek: '1969-W26' },
  ],
  [
    { do: 'date', op: 'difference', from: '1606-08-21', to: '1609-04-18' },
    { days: 971, ymd: [2, 7, 28], weekday: 6, isoWeek: '1609-W16' },
  ],
  [
    { do: 'date', op: 'difference', from: '2260-02-24', to: '2260-02-29' },
    { days: 5, ymd: [0, 0, 5], weekday: 3, isoWeek: '2260-W09' },
  ],
  [
    { do: 'date', op: 'difference', from: '1971-03-23', to: '2264-11-30' },
    { days: 107269, ymd: [293, 8, 7], weekday: 3, isoWeek: '2264-W48' },
  ],
  [
    { do: 'date', op: 'difference', from: '1640-11-07', to: '1642-07-18' },
    { days: 618, ymd: [1, 8, 11], weekday: 5, isoWeek: '1642-W29' },
  ],
  [
    { do: 'date', op: 'difference', from: '1870-09-14', to: '1871-04-24' },
    { days: 222, ymd: [0, 7, 10], weekday: 1, isoWeek: '1871-W17' },
  ],
  [
    { do: 'date', op: 'difference', from: '1923-10-04', to: '1993-11-11' },
    { days: 25606, ymd: [70, 1, 7], weekday: 4, isoWeek: '1993-W45' },
  ],
  [
    { do: 'date', op: 'difference', from: '2290-02-24', to: '2290-03-30' },
    { days: 34, ymd: [0, 1, 6], weekday: 7, isoWeek: '2290-W13' },
  ],
  [
    { do: 'date', op: 'difference', from: '1968-05-25', to: '1980-11-05' },
    { days: 4547, ymd: [12, 5, 11], weekday: 3, isoWeek: '1980-W45' },
  ],
  [
    { do: 'date', op: 'difference', from: '2175-03-06', to: '2359-07-31' },
    { days: 67351, ymd: [184, 4, 25], weekday: 5, isoWeek: '2359-W31' },
  ],
  [
    { do: 'date', op: 'difference', from: '1846-03-03', to: '1846-03-03' },
    { days: 0, ymd: [0, 0, 0], weekday: 2, isoWeek: '1846-W10' },
  ],
  [
    { do: 'date', op: 'difference', from: '2240-09-02', to: '2255-04-28' },
    { days: 5351, ymd: [14, 7, 26], weekday: 6, isoWeek: '2255-W17' },
  ],
  [
    { do: 'date', op: 'difference', from: '1673-09-20', to: '2011-09-18' },
    { days: 123449, ymd: [337, 11, 29], weekday: 7, isoWeek: '2011-W37' },
  ],
  [
    { do: 'date', op: 'difference', from: '1876-03-01', to: '1876-05-13' },
    { days: 73, ymd: [0, 2, 12], weekday: 6, isoWeek: '1876-W19' },
  ],
  [
    { do: 'date', op: 'difference', from: '2002-01-08', to: '2002-03-02' },
    { days: 53, ymd: [0, 1, 22], weekday: 6, isoWeek: '2002-W09' },
  ],
  [
    { do: 'date', op: 'difference', from: '2111-09-19', to: '2268-04-24' },
    { days: 57196, ymd: [156, 7, 5], weekday: 5, isoWeek: '2268-W17' },
  ],
  [
    { do: 'date', op: 'difference', from: '1988-09-06', to: '1990-05-29' },
    { days: 630, ymd: [1, 8, 23], weekday: 2, isoWeek: '1990-W22' },
  ],
  [
    { do: 'date', op: 'difference', from: '2155-11-10', to: '2155-11-10' },
    { days: 0, ymd: [0, 0, 0], weekday: 1, isoWeek: '2155-W46' },
  ],
  [
    { do: 'date', op: 'difference', from: '1745-07-08', to: '2393-02-18' },
    { days: 236537, ymd: [647, 7, 10], weekday: 4, isoWeek: '2393-W07' },
  ],
  [
    { do: 'date', op: 'difference', from: '2121-06-13', to: '2121-06-24' },
    { days: 11, ymd: [0, 0, 11], weekday: 2, isoWeek: '2121-W26' },
  ],
  [
    { do: 'date', op: 'difference', from: '1975-02-06', to: '1975-02-09' },
    { days: 3, ymd: [0, 0, 3], weekday: 7, isoWeek: '1975-W06' },
  ],
  [
    { do: 'date', op: 'difference', from: '1741-07-02', to: '1953-09-23' },
    { days: 77514, ymd: [212, 2, 21], weekday: 3, isoWeek: '1953-W39' },
  ],
  [
    { do: 'date', op: 'difference', from: '2042-03-29', to: '2042-05-31' },
    { days: 63, ymd: [0, 2, 2], weekday: 6, isoWeek: '2042-W22' },
  ],
  [
    { do: 'date', op: 'difference', from: '1931-10-31', to: '1931-11-28' },
    { days: 28, ymd: [0, 0, 28], weekday: 6, isoWeek: '1931-W48' },
  ],
  [
    { do: 'date', op: 'difference', from: '2266-04-15', to: '2397-05-15' },
    { days: 47877, ymd: [131, 1, 0], weekday: 4, isoWeek: '2397-W20' },
  ],
  [
    { do: 'date', op: 'difference', from: '2072-08-26', to: '2107-01-14' },
    { days: 12558, ymd: [34, 4, 19], weekday: 5, isoWeek: '2107-W02' },
  ],
  [
    { do: 'date', op: 'difference', from: '2047-04-22', to: '2047-07-06' },
    { days: 75, ymd: [0, 2, 14], weekday: 6, isoWeek: '2047-W27' },
  ],
  [
    { do: 'date', op: 'difference', from: '1999-08-08', to: '2167-05-04' },
    { days: 61265, ymd: [167, 8, 26], weekday: 1, isoWeek: '2167-W19' },
  ],
  [
    { do: 'date', op: 'difference', from: '1936-12-09', to: '1938-01-15' },
    { days: 402, ymd: [1, 1, 6], weekday: 6, isoWeek: '1938-W02' },
  ],
  [
    { do: 'date', op: 'difference', from: '1642-04-06', to: '1642-04-06' },
    { days: 0, ymd: [0, 0, 0], weekday: 7, isoWeek: '1642-W14' },
  ],
  [
    { do: 'date', op: 'difference', from: '2082-10-26', to: '2198-01-04' },
    { days: 42073, ymd: [115, 2, 9], weekday: 4, isoWeek: '2198-W01' },
  ],
  [
    { do: 'date', op: 'difference', from: '1689-05-08', to: '1689-05-08' },
    { days: 0, ymd: [0, 0, 0], weekday: 7, isoWeek: '1689-W18' },
  ],
  [
    { do: 'date', op: 'difference', from: '2181-03-19', to: '2181-03-29' },
    { days: 10, ymd: [0, 0, 10], weekday: 4, isoWeek: '2181-W13' },
  ],
  [
    { do: 'date', op: 'difference', from: '1888-06-23', to: '2123-07-06' },
    { days: 85844, ymd: [235, 0, 13], weekday: 2, isoWeek: '2123-W27' },
  ],
  [
    { do: 'date', op: 'difference', from: '1615-01-11', to: '1615-01-11' },
    { days: 0, ymd: [0, 0, 0], weekday: 7, isoWeek: '1615-W02' },
  ],
  [
    { do: 'date', op: 'difference', from: '2163-06-15', to: '2164-01-09' },
    { days: 208, ymd: [0, 6, 25], weekday: 1, isoWeek: '2164-W02' },
  ],
  [
    { do: 'date', op: 'difference', from: '1688-10-26', to: '1798-03-17' },
    { days: 39953, ymd: [109, 4, 19], weekday: 6, isoWeek: '1798-W11' },
  ],
  [
    { do: 'date', op: 'difference', from: '1765-10-15', to: '1766-03-23' },
    { days: 159, ymd: [0, 5, 8], weekday: 7, isoWeek: '1766-W12' },
  ],
  [
    { do: 'date', op: 'difference', from: '1665-03-05', to: '1665-03-05' },
    { days: 0, ymd: [0, 0, 0], weekday: 4, isoWeek: '1665-W10' },
  ],
  [
    { do: 'date', op: 'difference', from: '1625-04-19', to: '1725-01-26' },
    { days: 36441, ymd: [99, 9, 7], weekday: 5, isoWeek: '1725-W04' },
  ],
  [
    { do: 'date', op: 'difference', from: '1976-08-09', to: '2024-03-01' },
    { days: 17371, ymd: [47, 6, 21], weekday: 5, isoWeek: '2024-W09' },
  ],
  [
    { do: 'date', op: 'difference', from: '2032-12-02', to: '2032-12-09' },
    { days: 7, ymd: [0, 0, 7], weekday: 4, isoWeek: '2032-W50' },
  ],
  [
    { do: 'date', op: 'difference', from: '2053-07-11', to: '2243-12-14' },
    { days: 69551, ymd: [190, 5, 3], weekday: 4, isoWeek: '2243-W50' },
  ],
  [
    { do: 'date', op: 'difference', from: '1887-02-19', to: '1899-01-12' },
    { days: 4345, ymd: [11, 10, 24], weekday: 4, isoWeek: '1899-W02' },
  ],
  [
    { do: 'date', op: 'difference', from: '2223-06-04', to: '2223-06-22' },
    { days: 18, ymd: [0, 0, 18], weekday: 7, isoWeek: '2223-W25' },
  ],
  [
    { do: 'date', op: 'difference', from: '2326-09-25', to: '2365-05-03' },
    { days: 14100, ymd: [38, 7, 8], weekday: 1, isoWeek: '2365-W18' },
  ],
  [
    { do: 'date', op: 'difference', from: '2005-08-24', to: '2005-09-07' },
    { days: 14, ymd: [0, 0, 14], weekday: 3, isoWeek: '2005-W36' },
  ],
  [
    { do: 'date', op: 'difference', from: '1682-02-17', to: '1682-03-13' },
    { days: 24, ymd: [0, 0, 24], weekday: 5, isoWeek: '1682-W11' },
  ],
  [
    { do: 'date', op: 'difference', from: '1925-02-11', to: '2378-06-16' },
    { days: 165580, ymd: [453, 4, 5], weekday: 5, isoWeek: '2378-W24' },
  ],
  [
    { do: 'date', op: 'difference', from: '2376-09-15', to: '2376-09-15' },
    { days: 0, ymd: [0, 0, 0], weekday: 3, isoWeek: '2376-W38' },
  ],
  [
    { do: 'date', op: 'difference', from: '2275-05-21', to: '2276-02-11' },
    { days: 266, ymd: [0, 8, 21], weekday: 5, isoWeek: '2276-W06' },
  ],
  [
    { do: 'date', op: 'difference', from: '1972-11-07', to: '2220-11-22' },
    { days: 90595, ymd: [248, 0, 15], weekday: 3, isoWeek: '2220-W47' },
  ],
  [
    { do: 'date', op: 'difference', from: '2247-04-23', to: '2249-10-26' },
    { days: 917, ymd: [2, 6, 3], weekday: 5, isoWeek: '2249-W43' },
  ],
  [
    { do: 'date', op: 'difference', from: '1712-06-11', to: '1712-06-14' },
    { days: 3, ymd: [0, 0, 3], weekday: 2, isoWeek: '1712-W24' },
  ],
  [
    { do: 'date', op: 'difference', from: '1976-01-22', to: '2037-04-29' },
    { days: 22378, ymd: [61, 3, 7], weekday: 3, isoWeek: '2037-W18' },
  ],
  [
    { do: 'date', op: 'difference', from: '2137-08-23', to: '2138-03-17' },
    { days: 206, ymd: [0, 6, 22], weekday: 1, isoWeek: '2138-W12' },
  ],
  [
    { do: 'date', op: 'difference', from: '2075-02-26', to: '2121-11-09' },
    { days: 17057, ymd: [46, 8, 14], weekday: 7, isoWeek: '2121-W45' },
  ],
  [
    { do: 'date', op: 'difference', from: '2099-08-30', to: '2244-11-09' },
    { days: 53031, ymd: [145, 2, 10], weekday: 6, isoWeek: '2244-W45' },
  ],
  [
    { do: 'date', op: 'difference', from: '2175-10-05', to: '2175-12-23' },
    { days: 79, ymd: [0, 2, 18], weekday: 6, isoWeek: '2175-W51' },
  ],
  [
    { do: 'date', op: 'difference', from: '1921-12-08', to: '1922-12-02' },
    { days: 359, ymd: [0, 11, 24], weekday: 6, isoWeek: '1922-W48' },
  ],
  [
    { do: 'date', op: 'difference', from: '1729-05-12', to: '1777-08-21' },
    { days: 17633, ymd: [48, 3, 9], weekday: 4, isoWeek: '1777-W34' },
  ],
  [
    { do: 'date', op: 'difference', from: '2093-06-14', to: '2093-06-14' },
    { days: 0, ymd: [0, 0, 0], weekday: 7, isoWeek: '2093-W24' },
  ],
  [
    { do: 'date', op: 'difference', from: '2229-11-30', to: '2230-06-21' },
    { days: 203, ymd: [0, 6, 22], weekday: 1, isoWeek: '2230-W25' },
  ],
  [
    { do: 'date', op: 'difference', from: '2282-02-02', to: '2367-06-12' },
    { days: 31175, ymd: [85, 4, 10], weekday: 1, isoWeek: '2367-W24' },
  ],
  [
    { do: 'date', op: 'difference', from: '1950-05-01', to: '1951-04-05' },
    { days: 339, ymd: [0, 11, 4], weekday: 4, isoWeek: '1951-W14' },
  ],
  [
    { do: 'date', op: 'difference', from: '1709-09-24', to: '1710-03-19' },
    { days: 176, ymd: [0, 5, 23], weekday: 3, isoWeek: '1710-W12' },
  ],
  [
    { do: 'date', op: 'difference', from: '1634-07-11', to: '1811-11-04' },
    { days: 64763, ymd: [177, 3, 24], weekday: 1, isoWeek: '1811-W45' },
  ],
  [
    { do: 'date', op: 'difference', from: '2375-08-22', to: '2375-08-22' },
    { days: 0, ymd: [0, 0, 0], weekday: 5, isoWeek: '2375-W34' },
  ],
  [
    { do: 'date', op: 'difference', from: '2303-08-18', to: '2303-09-02' },
    { days: 15, ymd: [0, 0, 15], weekday: 3, isoWeek: '2303-W36' },
  ],
  [
    { do: 'date', op: 'difference', from: '1972-06-24', to: '2388-12-12' },
    { days: 152112, ymd: [416, 5, 18], weekday: 1, isoWeek: '2388-W50' },
  ],
  [{ do: 'date', op: 'add', from: '1885-02-12', years: 13, weeks: 34, days: -335 }, { date: '1897-11-07' }],
  [{ do: 'date', op: 'add', from: '1802-11-01', weeks: -69, days: 29 }, { date: '1801-08-04' }],
  [{ do: 'date', op: 'add', from: '2385-09-04', months: -7, days: -300 }, { date: '2384-04-10' }],
  [{ do: 'date', op: 'add', from: '2220-07-27', months: -26, weeks: -26, days: -557 }, { date: '2216-05-18' }],
  [{ do: 'date', op: 'add', from: '2368-08-16', years: 16, weeks: 5, days: -867 }, { date: '2382-05-07' }],
  [{ do: 'date', op: 'add', from: '1853-12-24', years: 22, weeks: 13, days: -94 }, { date: '1875-12-21' }],
  [{ do: 'date', op: 'add', from: '2314-05-05', years: 7, months: 20, weeks: -52 }, { date: '2322-01-06' }],
  [{ do: 'date', op: 'add', from: '2059-07-11', years: -9, weeks: 63, days: 193 }, { date: '2052-04-05' }],
  [{ do: 'date', op: 'add', from: '1837-06-04', weeks: -11 }, { date: '1837-03-19' }],
  [{ do: 'date', op: 'add', from: '2053-12-31', years: 30, days: 233 }, { date: '2084-08-20' }],
  [{ do: 'date', op: 'add', from: '1845-07-01', years: 35, months: -20, weeks: -57 }, { date: '1877-09-28' }],
  [
    { do: 'date', op: 'add', from: '2267-07-18', years: -56, months: 30, weeks: -33, days: -553 },
    { date: '2211-11-26' },
  ],
  [{ do: 'date', op: 'add', from: '1878-08-07', weeks: -30 }, { date: '1878-01-09' }],
  [{ do: 'date', op: 'add', from: '1836-05-28', years: 12, weeks: -79 }, { date: '1846-11-22' }],
  [{ do: 'date', op: 'add', from: '1794-12-01', years: -33, days: -806 }, { date: '1759-09-17' }],
  [{ do: 'date', op: 'add', from: '2094-06-26', months: 29, weeks: 78, days: -1 }, { date: '2098-05-25' }],
  [
    { do: 'date', op: 'add', from: '2196-07-04', years: -7, months: -25, weeks: -34, days: 192 },
    { date: '2187-04-19' },
  ],
  [{ do: 'date', op: 'add', from: '1954-07-21', months: -5, weeks: 7, days: -586 }, { date: '1952-09-02' }],
  [{ do: 'date', op: 'add', from: '2081-08-16', years: -12, months: -26, weeks: -33 }, { date: '2066-10-28' }],
  [
    { do: 'date', op: 'add', from: '2199-10-06', years: -35, months: 12, weeks: -70, days: -862 },
    { date: '2162-01-23' },
  ],
  [{ do: 'date', op: 'add', from: '1916-06-08', years: 22, months: 29, weeks: -75 }, { date: '1939-06-02' }],
  [{ do: 'date', op: 'add', from: '1724-09-28', years: -53, weeks: -56 }, { date: '1670-09-01' }],
  [{ do: 'date', op: 'add', from: '2201-07-30', years: 23, days: 621 }, { date: '2226-04-12' }],
  [{ do: 'date', op: 'add', from: '1952-08-21', years: -26, months: -13 }, { date: '1925-07-21' }],
  [{ do: 'date', op: 'add', from: '1827-07-08' }, { date: '1827-07-08' }],
  [{ do: 'date', op: 'add', from: '1821-02-16', years: 40, weeks: -40 }, { date: '1860-05-12' }],
  [{ do: 'date', op: 'add', from: '1825-02-15', years: -38, months: 28, weeks: -28 }, { date: '1788-12-01' }],
  [{ do: 'date', op: 'add', from: '2394-10-10', years: 10, months: -15, days: 173 }, { date: '2403-12-30' }],
  [{ do: 'date', op: 'add', from: '2058-12-28', years: -13, weeks: -66, days: -168 }, { date: '2044-04-07' }],
  [{ do: 'date', op: 'add', from: '1733-01-25', years: 21, weeks: -23 }, { date: '1753-08-17' }],
  [{ do: 'date', op: 'add', from: '1798-08-29', years: 30, months: -2, weeks: 5 }, { date: '1828-08-03' }],
  [{ do: 'date', op: 'add', from: '1695-10-15', months: 15, weeks: 32, days: 862 }, { date: '1700-01-06' }],
  [{ do: 'date', op: 'add', from: '2005-08-22', months: 3 }, { date: '2005-11-22' }],
  [{ do: 'date', op: 'add', from: '1968-03-06', weeks: -13 }, { date: '1967-12-06' }],
  [{ do: 'date', op: 'add', from: '2105-08-10', years: 14, months: -13, weeks: -59 }, { date: '2117-05-23' }],
  [{ do: 'date', op: 'add', from: '1867-08-28', months: -6 }, { date: '1867-02-28' }],
  [{ do: 'date', op: 'add', from: '2371-10-18', years: -14, weeks: -2 }, { date: '2357-10-04' }],
  [{ do: 'date', op: 'add', from: '2078-12-07', years: 38 }, { date: '2116-12-07' }],
  [{ do: 'date', op: 'add', from: '2151-12-11', weeks: -7, days: -812 }, { date: '2149-08-02' }],
  [{ do: 'date', op: 'add', from: '2146-06-02', months: 27, days: 28 }, { date: '2148-09-30' }],
  [{ do: 'date', op: 'add', from: '2224-11-11', months: 13, weeks: 57, days: -494 }, { date: '2225-09-07' }],
  [{ do: 'date', op: 'add', from: '1822-11-09', years: 36 }, { date: '1858-11-09' }],
  [{ do: 'date', op: 'add', from: '2292-08-27', weeks: 36 }, { date: '2293-05-06' }],
  [{ do: 'date', op: 'add', from: '2214-04-01', years: 22, months: -2, weeks: 18, days: -801 }, { date: '2234-03-28' }],
  [{ do: 'date', op: 'add', from: '2194-06-12', weeks: 38, days: 717 }, { date: '2197-02-19' }],
  [{ do: 'date', op: 'add', from: '2013-04-24', weeks: 51, days: -153 }, { date: '2013-11-14' }],
  [{ do: 'date', op: 'add', from: '2125-10-11', years: 58, days: -42 }, { date: '2183-08-30' }],
  [{ do: 'date', op: 'add', from: '1852-03-01', years: 23, weeks: 2, days: 459 }, { date: '1876-06-16' }],
  [{ do: 'date', op: 'add', from: '1757-12-04', years: -56, weeks: 15, days: 402 }, { date: '1703-04-25' }],
  [{ do: 'date', op: 'add', from: '2211-09-15', months: 23, weeks: 57 }, { date: '2214-09-18' }],
  [{ do: 'date', op: 'add', from: '1973-09-02', years: -29, months: 24 }, { date: '1946-09-02' }],
  [{ do: 'date', op: 'add', from: '1639-12-24', years: 22, weeks: 52, days: 88 }, { date: '1663-03-21' }],
  [{ do: 'date', op: 'add', from: '1920-11-16', weeks: 35 }, { date: '1921-07-19' }],
  [{ do: 'date', op: 'add', from: '2099-08-06', years: -15, months: -17, days: -359 }, { date: '2082-03-12' }],
  [{ do: 'date', op: 'add', from: '2342-12-06', weeks: -60 }, { date: '2341-10-12' }],
  [{ do: 'date', op: 'add', from: '2271-07-06', years: -53, weeks: 49, days: -716 }, { date: '2217-06-28' }],
  [{ do: 'date', op: 'add', from: '2352-09-28', years: 1 }, { date: '2353-09-28' }],
  [{ do: 'date', op: 'add', from: '2111-10-12', years: 11 }, { date: '2122-10-12' }],
  [{ do: 'date', op: 'add', from: '2017-11-01', years: 49, months: 20, days: 458 }, { date: '2069-10-02' }],
  [{ do: 'date', op: 'add', from: '2241-12-28', years: -41 }, { date: '2200-12-28' }],
  [{ do: 'date', op: 'add', from: '1900-01-29', months: 1 }, { date: '1900-02-28' }],
  [{ do: 'date', op: 'add', from: '1900-01-30', months: 1 }, { date: '1900-02-28' }],
  [{ do: 'date', op: 'add', from: '1900-01-31', months: 1 }, { date: '1900-02-28' }],
  [{ do: 'date', op: 'add', from: '2000-01-29', months: 1 }, { date: '2000-02-29' }],
  [{ do: 'date', op: 'add', from: '2000-01-30', months: 1 }, { date: '2000-02-29' }],
  [{ do: 'date', op: 'add', from: '2000-01-31', months: 1 }, { date: '2000-02-29' }],
  [{ do: 'date', op: 'add', from: '2023-01-29', months: 1 }, { date: '2023-02-28' }],
  [{ do: 'date', op: 'add', from: '2023-01-30', months: 1 }, { date: '2023-02-28' }],
  [{ do: 'date', op: 'add', from: '2023-01-31', months: 1 }, { date: '2023-02-28' }],
  [{ do: 'date', op: 'add', from: '2024-01-29', months: 1 }, { date: '2024-02-29' }],
  [{ do: 'date', op: 'add', from: '2024-01-30', months: 1 }, { date: '2024-02-29' }],
  [{ do: 'date', op: 'add', from: '2024-01-31', months: 1 }, { date: '2024-02-29' }],
  [{ do: 'date', op: 'add', from: '2100-01-29', months: 1 }, { date: '2100-02-28' }],
  [{ do: 'date', op: 'add', from: '2100-01-30', months: 1 }, { date: '2100-02-28' }],
  [{ do: 'date', op: 'add', from: '2100-01-31', months: 1 }, { date: '2100-02-28' }],
];

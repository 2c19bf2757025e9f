/** A state, province or Mexican state, by its ISO 3166-2 code. */
export interface Region {
  readonly code: string;
  readonly name: string;
  readonly country: 'US' | 'CA' | 'MX';
  /** The two digits the United States Census knows a state by. */
  readonly fips?: string;
}

const us = `01 AL Alabama;02 AK Alaska;04 AZ Arizona;05 AR Arkansas;06 CA California;08 CO Colorado;09 CT Connecticut
10 DE Delaware;11 DC District of Columbia;12 FL Florida;13 GA Georgia;15 HI Hawaii;16 ID Idaho;17 IL Illinois;18 IN Indiana
19 IA Iowa;20 KS Kansas;21 KY Kentucky;22 LA Louisiana;23 ME Maine;24 MD Maryland;25 MA Massachusetts;26 MI Michigan
27 MN Minnesota;28 MS Mississippi;29 MO Missouri;30 MT Montana;31 NE Nebraska;32 NV Nevada;33 NH New Hampshire
34 NJ New Jersey;35 NM New Mexico;36 NY New York;37 NC North Carolina;38 ND North Dakota;39 OH Ohio;40 OK Oklahoma
41 OR Oregon;42 PA Pennsylvania;44 RI Rhode Island;45 SC South Carolina;46 SD South Dakota;47 TN Tennessee;48 TX Texas
49 UT Utah;50 VT Vermont;51 VA Virginia;53 WA Washington;54 WV West Virginia;55 WI Wisconsin;56 WY Wyoming`;

const ca = `AB Alberta;BC British Columbia;MB Manitoba;NB New Brunswick;NL Newfoundland and Labrador;NS Nova Scotia
NT Northwest Territories;NU Nunavut;ON Ontario;PE Prince Edward Island;QC Quebec;SK Saskatchewan;YT Yukon`;

const mx = `AGU Aguascalientes;BCN Baja California;BCS Baja California Sur;CAM Campeche;CHH Chihuahua;CHP Chiapas
CMX Ciudad de México;COA Coahuila;COL Colima;DUR Durango;GRO Guerrero;GUA Guanajuato;HID Hidalgo;JAL Jalisco;MEX México
MIC Michoacán;MOR Morelos;NAY Nayarit;NLE Nuevo León;OAX Oaxaca;PUE Puebla;QUE Querétaro;ROO Quintana Roo;SIN Sinaloa
SLP San Luis Potosí;SON Sonora;TAB Tabasco;TAM Tamaulipas;TLA Tlaxcala;VER Veracruz;YUC Yucatán;ZAC Zacatecas`;

const lines = (text: string): readonly string[] => text.split(/[;\n]/);

/** States of the United States with their capital district, provinces of Canada, states of Mexico. */
export const REGIONS: readonly Region[] = [
  ...lines(us).map((l): Region => ({
    fips: l.slice(0, 2),
    code: `US-${l.slice(3, 5)}`,
    name: l.slice(6),
    country: 'US',
  })),
  ...lines(ca).map((l): Region => ({ code: `CA-${l.slice(0, 2)}`, name: l.slice(3), country: 'CA' })),
  ...lines(mx).map((l): Region => ({ code: `MX-${l.slice(0, 3)}`, name: l.slice(4), country: 'MX' })),
];

const byCode = new Map(REGIONS.map((r) => [r.code, r]));
const byFips = new Map(REGIONS.flatMap((r) => (r.fips === undefined ? [] : [[r.fips, r] as const])));

export const regionOf = (code: string): Region | null => byCode.get(stateOf(code)) ?? null;
export const stateByFips = (fips: string): Region | null => byFips.get(fips.slice(0, 2)) ?? null;

/** The state a county lies in; any other code as it is. */
export const stateOf = (code: string): string => code.split('-').slice(0, 2).join('-');
export const isCounty = (code: string): boolean => /^US-[A-Z]{2}-[0-9]{3}$/.test(code);

/** A county's code from its five digits, as 30089 is US-MT-089; null where there is no such state. */
export function countyCode(fips: string): string | null {
  const state = byFips.get(fips.slice(0, 2));
  return state && /^\d{5}$/.test(fips) ? `${state.code}-${fips.slice(2)}` : null;
}

/**
 * Where each grows beyond the two states of the school and how high,  by ISO 3166-2 code; and the counties of the valley where a
 * species native to the state is planted only.
 */
export const RANGES = `
more Abies grandis
  site.elevation: 600-1500 (1700) m
  native: US-WA US-OR US-CA CA-BC

more Abies lasiocarpa
  site.elevation: (900) 1300-2200 (2500) m
  native: US-WA US-OR US-WY US-CO US-UT US-NM US-AZ US-NV US-AK CA-BC CA-AB CA-YT
  rare: US-CA

more Pseudotsuga menziesii
  site.elevation: 600-1900 (2200) m
  native: US-WA US-OR US-CA US-NV US-AZ US-NM US-CO US-UT US-WY US-TX CA-BC CA-AB MX-CHH MX-DUR MX-SON MX-COA MX-NLE

more Larix occidentalis
  site.elevation: 600-1700 (2100) m
  native: US-WA US-OR CA-BC

more Picea engelmannii
  site.elevation: (750) 1000-2100 (2400) m
  native: US-WA US-OR US-CA US-NV US-AZ US-NM US-CO US-UT US-WY CA-BC CA-AB

more Pinus albicaulis
  site.elevation: (1500) 1700-2500 m
  native: US-WA US-OR US-CA US-NV US-WY CA-BC CA-AB

more Pinus flexilis
  site.elevation: (800) 1200-2300 m
  native: US-ID US-WY US-CO US-UT US-NV US-CA US-AZ US-NM US-SD US-NE US-OR CA-AB
  rare: US-ND CA-BC
  planted: US-MT-089 US-ID-017 US-ID-079

more Pinus contorta
  site.elevation: (650) 800-2000 (2300) m
  native: US-WA US-OR US-CA US-NV US-UT US-CO US-WY US-AK CA-BC CA-AB CA-YT CA-SK CA-NT MX-BCN
  rare: US-SD

more Pinus ponderosa
  native: US-WA US-OR US-CA US-NV US-AZ US-NM US-CO US-UT US-WY US-SD US-NE US-ND US-TX CA-BC
  rare: US-OK

more Pinus monticola
  native: US-WA US-OR US-CA US-NV CA-BC CA-AB

more Picea pungens
  site.elevation: (700) 1500-2800 m
  native: US-ID
  planted: US-MT-089 US-ID-017 US-ID-079

more Tsuga heterophylla
  native: US-WA US-OR US-CA US-AK CA-BC CA-AB

more Tsuga mertensiana
  native: US-WA US-OR US-CA US-AK CA-BC
  rare: US-NV

more Larix lyallii
  native: US-WA CA-BC CA-AB
  rare: US-ID-017

more Thuja plicata
  native: US-WA US-OR US-CA US-AK CA-BC CA-AB

more Juniperus scopulorum
  native: US-WA US-OR US-NV US-AZ US-NM US-CO US-UT US-WY US-SD US-ND US-NE CA-BC CA-AB
  rare: US-TX US-OK

more Taxus brevifolia
  native: US-WA US-OR US-CA US-AK CA-BC CA-AB

more Populus tremuloides
  site.elevation: (500) 650-2000 (2300) m
  native: US-AK US-AZ US-CA US-CO US-CT US-IA US-IL US-IN US-MA US-ME US-MI US-MN US-ND US-NE US-NH US-NJ US-NM US-NV US-NY US-OH US-OR US-PA US-RI US-SD US-UT US-VT US-WA US-WI US-WY CA-AB CA-BC CA-MB CA-NB CA-NL CA-NS CA-NT CA-NU CA-ON CA-PE CA-QC CA-SK CA-YT MX-CHH MX-DUR MX-SON MX-COA MX-NLE
  rare: US-MD US-MO US-VA US-WV US-TX

more Populus trichocarpa
  site.elevation: 500-1400 (1600) m
  native: US-WA US-OR US-CA US-NV US-UT US-WY US-AK CA-BC CA-AB CA-YT MX-BCN

more Populus angustifolia
  site.elevation: (700) 1000-2200 m
  native: US-ID US-MT US-NV US-AZ US-NM US-SD US-NE US-OR CA-AB CA-SK MX-CHH
  rare: US-TX US-CA
  planted: US-MT-089 US-ID-017 US-ID-079

more Betula papyrifera
  site.elevation: 500-1300 (1500) m
  native: US-WA US-AK US-ND US-SD US-MN US-WI US-MI US-IA US-IL US-NY US-PA US-VT US-NH US-ME US-MA US-CT CA-AB CA-BC CA-MB CA-NB CA-NL CA-NS CA-NT CA-ON CA-PE CA-QC CA-SK CA-YT
  rare: US-CO US-WY US-NE US-OR US-WV US-NC US-VA US-NJ US-OH US-IN

more Betula occidentalis
  native: US-WA US-OR US-CA US-NV US-AZ US-NM US-CO US-UT US-WY US-SD US-ND US-NE CA-BC CA-AB CA-SK CA-MB CA-NT CA-YT

more Alnus incana subsp. tenuifolia
  site.elevation: 500-1700 (2000) m
  native: US-WA US-OR US-CA US-NV US-AZ US-NM US-CO US-UT US-WY US-AK CA-BC CA-AB CA-SK CA-YT CA-NT

more Alnus viridis subsp. sinuata
  native: US-WA US-OR US-CA US-WY US-AK CA-BC CA-AB CA-YT CA-NT

more Salix scouleriana
  site.elevation: 500-2000 (2300) m
  native: US-WA US-OR US-CA US-NV US-AZ US-NM US-CO US-UT US-WY US-SD US-AK CA-BC CA-AB CA-SK CA-MB CA-YT CA-NT MX-CHH

more Salix exigua
  site.elevation: 400-1500 (1700) m
  native: US-WA US-OR US-CA US-NV US-AZ US-NM US-CO US-UT US-WY US-SD US-ND US-NE US-TX US-KS US-OK CA-BC CA-AB MX-BCN MX-SON MX-CHH

more Acer glabrum
  site.elevation: 500-1900 (2200) m
  native: US-WA US-OR US-CA US-NV US-AZ US-NM US-CO US-UT US-WY US-SD US-NE US-AK CA-BC CA-AB

more Acer grandidentatum
  site.elevation: (700) 1300-2400 m
  native: US-ID US-AZ US-NV US-TX MX-COA MX-SON MX-CHH
  rare: US-OK
  planted: US-MT-089 US-ID-017 US-ID-079

more Quercus gambelii
  site.elevation: (700) 1200-2500 m
  native: US-NV US-TX MX-CHH MX-COA MX-SON
  rare: US-OK
  planted: US-MT-089

more Physocarpus malvaceus
  site.elevation: 500-1600 (1900) m
  native: US-WA US-OR US-NV US-UT US-WY CA-BC CA-AB

more Prunus virginiana
  site.elevation: 400-1700 (2000) m
  native: US-AZ US-CA US-CO US-CT US-DE US-IA US-IL US-IN US-KS US-KY US-MA US-MD US-ME US-MI US-MN US-MO US-NC US-ND US-NE US-NH US-NJ US-NM US-NV US-NY US-OH US-OK US-OR US-PA US-RI US-SD US-TN US-TX US-UT US-VA US-VT US-WA US-WI US-WV US-WY CA-AB CA-BC CA-MB CA-NB CA-NL CA-NS CA-NT CA-ON CA-PE CA-QC CA-SK
  rare: US-AR US-GA

more Prunus emarginata
  site.elevation: 500-1800 (2000) m
  native: US-WA US-OR US-CA US-NV US-AZ US-NM US-UT CA-BC MX-BCN
  rare: US-WY

more Amelanchier alnifolia
  site.elevation: 400-1900 (2200) m
  native: US-WA US-OR US-CA US-CO US-UT US-WY US-NV US-SD US-ND US-NE US-MN US-AK CA-BC CA-AB CA-SK CA-MB CA-ON CA-NT CA-YT
  rare: US-IA US-MI CA-QC

more Crataegus douglasii
  site.elevation: 400-1300 (1600) m
  native: US-WA US-OR US-CA US-NV US-WY CA-BC CA-AB CA-SK CA-ON
  rare: US-MI US-WI US-MN US-AK

more Sorbus scopulina
  site.elevation: (650) 900-2100 m
  native: US-WA US-OR US-CA US-NV US-AZ US-NM US-CO US-UT US-WY US-AK CA-BC CA-AB CA-SK CA-YT CA-NT
  rare: US-SD US-ND

more Sorbus aucuparia
  site.elevation: 0-1300 (1600) m
  introduced: US-WA US-OR US-CA US-AK US-CO US-UT US-MN US-WI US-MI US-IL US-IN US-OH US-PA US-NY US-NJ US-CT US-MA US-VT US-NH US-ME CA-BC CA-AB CA-SK CA-MB CA-ON CA-QC CA-NB CA-NS CA-NL CA-PE

more Sambucus cerulea
  site.elevation: 400-1500 (1800) m
  native: US-WA US-OR US-CA US-NV US-AZ US-NM US-UT US-WY US-CO US-TX CA-BC MX-BCN MX-SON MX-CHH

more Rhus glabra
  site.elevation: 300-1200 (1400) m
  native: US-AL US-AR US-AZ US-CO US-CT US-DE US-FL US-GA US-IA US-IL US-IN US-KS US-KY US-LA US-MA US-MD US-ME US-MI US-MN US-MO US-MS US-NC US-ND US-NE US-NH US-NJ US-NM US-NV US-NY US-OH US-OK US-OR US-PA US-RI US-SC US-SD US-TN US-TX US-UT US-VA US-VT US-WA US-WI US-WV US-WY CA-BC CA-MB CA-ON CA-QC CA-SK MX-CHH MX-COA MX-NLE MX-TAM MX-SON

more Rhus trilobata
  site.elevation: 400-1500 (1900) m
  native: US-WA US-OR US-CA US-NV US-AZ US-NM US-CO US-UT US-WY US-SD US-ND US-NE US-KS US-OK US-TX CA-AB CA-SK MX-BCN MX-CHH MX-COA MX-SON
  rare: US-IA

more Toxicodendron rydbergii
  site.elevation: 300-1300 (1500) m
  native: US-WA US-OR US-NV US-AZ US-NM US-CO US-UT US-WY US-SD US-ND US-NE US-KS US-TX US-IA US-MN US-WI US-MI US-IL US-IN US-OH US-PA US-NY US-VT US-NH US-ME US-MA CA-BC CA-AB CA-SK CA-MB CA-ON CA-QC CA-NB CA-NS

more Fraxinus pennsylvanica
  site.elevation: 0-1100 (1300) m
  native: US-AL US-AR US-CO US-CT US-DE US-FL US-GA US-IA US-IL US-IN US-KS US-KY US-LA US-MA US-MD US-ME US-MI US-MN US-MO US-MS US-NC US-ND US-NE US-NH US-NJ US-NY US-OH US-OK US-PA US-RI US-SC US-SD US-TN US-TX US-VA US-VT US-WI US-WV US-WY US-MT CA-AB CA-MB CA-NB CA-NS CA-ON CA-QC CA-SK
  planted: US-ID US-WA US-OR US-UT US-NV US-MT-089 US-ID-017 US-ID-079

more Cornus sericea
  site.elevation: 400-1700 (2000) m
  native: US-AK US-AZ US-CA US-CO US-CT US-DE US-IA US-IL US-IN US-KY US-MA US-MD US-ME US-MI US-MN US-ND US-NE US-NH US-NJ US-NM US-NV US-NY US-OH US-OR US-PA US-RI US-SD US-UT US-VT US-WA US-WI US-WV US-WY CA-AB CA-BC CA-MB CA-NB CA-NL CA-NS CA-NT CA-ON CA-PE CA-QC CA-SK CA-YT MX-CHH MX-DUR
  rare: US-KS US-VA US-MO

more Frangula purshiana
  site.elevation: 0-1200 (1400) m
  native: US-WA US-OR US-CA CA-BC

more Celtis reticulata
  site.elevation: 200-1300 (1500) m
  native: US-ID US-CA US-KS US-OK US-TX US-LA MX-BCN MX-SON MX-CHH MX-COA MX-NLE
  planted: US-MT-089 US-ID-017 US-ID-079

more Ulmus pumila
  site.elevation: 0-1600 (2000) m
  introduced: US-WA US-OR US-CA US-NV US-AZ US-NM US-CO US-UT US-WY US-SD US-ND US-NE US-KS US-OK US-TX US-MN US-IA US-MO US-WI US-IL US-IN US-MI US-OH US-KY US-TN US-NY US-PA CA-AB CA-SK CA-MB CA-ON CA-QC CA-BC MX-CHH MX-COA

more Elaeagnus angustifolia
  site.elevation: 0-1600 (2000) m
  introduced: US-WA US-OR US-CA US-NV US-AZ US-NM US-CO US-UT US-WY US-SD US-ND US-NE US-KS US-OK US-TX US-MN US-IA US-WI US-IL US-MI US-OH US-PA US-NY CA-AB CA-SK CA-MB CA-ON CA-BC MX-CHH

more Shepherdia argentea
  site.elevation: 400-1500 (1800) m
  native: US-ID US-WY US-CO US-UT US-NV US-NM US-AZ US-CA US-OR US-SD US-ND US-NE US-KS US-MN CA-AB CA-SK CA-MB
  rare: US-IA CA-BC
  planted: US-MT-089 US-ID-017 US-ID-079
`;

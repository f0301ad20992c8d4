/** What was read off the demo's pictures of a pair of shoes; made by `npm run pictures`. */
export const SHOE_COLOURS: readonly object[] = [
  {
    marks: {
      spots: [
        {
          id: 'toe',
          name: 'Toe cap',
          at: [0.70043, 0.58197],
        },
        {
          id: 'rim',
          name: 'Rim',
          at: [0.41874, 0.64947],
        },
        {
          id: 'upper',
          name: 'Canvas',
          at: [0.30575, 0.49515],
        },
      ],
      corners: [
        [0.21725, 0.37669],
        [0.77328, 0.69645],
        [0.21046, 0.69402],
        [0.55198, 0.52171],
      ],
    },
    readings: [
      {
        id: 'toe',
        lab: {
          L: 88.682,
          a: -1.7442,
          b: 11.062,
        },
        sd: {
          L: 0.06125,
          a: 0.010486,
          b: 0.049328,
        },
        light: {
          level: 0.015399,
          tint: 0.0048001,
        },
        yellow: {
          value: 19.882,
          sd: 0.76894,
        },
      },
      {
        id: 'rim',
        lab: {
          L: 88.715,
          a: -2.3946,
          b: 11.184,
        },
        sd: {
          L: 0.07741,
          a: 0.023282,
          b: 0.068856,
        },
        light: {
          level: 0.020248,
          tint: 0.0067761,
        },
        yellow: {
          value: 19.567,
          sd: 1.0817,
        },
      },
      {
        id: 'upper',
        lab: {
          L: 87.412,
          a: -1.11,
          b: 7.7781,
        },
        sd: {
          L: 0.073447,
          a: 0.0095376,
          b: 0.03434,
        },
        light: {
          level: 0.016529,
          tint: 0.0052743,
        },
        yellow: {
          value: 14.514,
          sd: 0.86384,
        },
      },
    ],
  },
  {
    marks: {
      spots: [
        {
          id: 'toe',
          name: 'Toe cap',
          at: [0.69427, 0.58449],
        },
        {
          id: 'rim',
          name: 'Rim',
          at: [0.42092, 0.64756],
        },
        {
          id: 'upper',
          name: 'Canvas',
          at: [0.31299, 0.49371],
        },
      ],
      corners: [
        [0.22834, 0.3755],
        [0.76343, 0.69821],
        [0.21827, 0.68902],
        [0.55135, 0.52317],
      ],
    },
    readings: [
      {
        id: 'toe',
        lab: {
          L: 90.181,
          a: -1.4091,
          b: 7.0229,
        },
        sd: {
          L: 0.053093,
          a: 0.0019474,
          b: 0.015136,
        },
        light: {
          level: 0.015253,
          tint: 0.0044305,
        },
        yellow: {
          value: 12.504,
          sd: 0.72863,
        },
      },
      {
        id: 'rim',
        lab: {
          L: 89.917,
          a: -1.2897,
          b: 7.1942,
        },
        sd: {
          L: 0.044032,
          a: 0.0067291,
          b: 0.012274,
        },
        light: {
          level: 0.021671,
          tint: 0.0068595,
        },
        yellow: {
          value: 12.951,
          sd: 1.1263,
        },
      },
      {
        id: 'upper',
        lab: {
          L: 87.988,
          a: -0.7415,
          b: 7.6166,
        },
        sd: {
          L: 0.050851,
          a: 0.010983,
          b: 0.010741,
        },
        light: {
          level: 0.016073,
          tint: 0.0047542,
        },
        yellow: {
          value: 14.434,
          sd: 0.77901,
        },
      },
    ],
  },
  {
    marks: {
      spots: [
        {
          id: 'toe',
          name: 'Toe cap',
          at: [0.68808, 0.58706],
        },
        {
          id: 'rim',
          name: 'Rim',
          at: [0.42306, 0.64569],
        },
        {
          id: 'upper',
          name: 'Canvas',
          at: [0.32019, 0.49233],
        },
      ],
      corners: [
        [0.23942, 0.37435],
        [0.75356, 0.70001],
        [0.22606, 0.68405],
        [0.55068, 0.52468],
      ],
    },
    readings: [
      {
        id: 'toe',
        lab: {
          L: 90.335,
          a: -1.1717,
          b: 5.7573,
        },
        sd: {
          L: 0.066962,
          a: 0.006118,
          b: 0.023378,
        },
        light: {
          level: 0.015935,
          tint: 0.0046753,
        },
        yellow: {
          value: 10.296,
          sd: 0.77778,
        },
      },
      {
        id: 'rim',
        lab: {
          L: 90.123,
          a: -1.1925,
          b: 5.9828,
        },
        sd: {
          L: 0.055281,
          a: 0.0062827,
          b: 0.012569,
        },
        light: {
          level: 0.021282,
          tint: 0.0066814,
        },
        yellow: {
          value: 10.727,
          sd: 1.1078,
        },
      },
      {
        id: 'upper',
        lab: {
          L: 87.452,
          a: -0.34571,
          b: 8.3928,
        },
        sd: {
          L: 0.063641,
          a: 0.015323,
          b: 0.040619,
        },
        light: {
          level: 0.019401,
          tint: 0.0059899,
        },
        yellow: {
          value: 16.304,
          sd: 0.97955,
        },
      },
    ],
  },
  {
    marks: {
      spots: [
        {
          id: 'toe',
          name: 'Toe cap',
          at: [0.68185, 0.58968],
        },
        {
          id: 'rim',
          name: 'Rim',
          at: [0.42515, 0.64388],
        },
        {
          id: 'upper',
          name: 'Canvas',
          at: [0.32737, 0.491],
        },
      ],
      corners: [
        [0.25047, 0.37325],
        [0.74366, 0.70186],
        [0.23382, 0.67913],
        [0.54997, 0.52625],
      ],
    },
    readings: [
      {
        id: 'toe',
        lab: {
          L: 90.466,
          a: -0.29387,
          b: 4.587,
        },
        sd: {
          L: 0.057276,
          a: 0.00046282,
          b: 0.011263,
        },
        light: {
          level: 0.015109,
          tint: 0.0043703,
        },
        yellow: {
          value: 8.7599,
          sd: 0.73508,
        },
      },
      {
        id: 'rim',
        lab: {
          L: 90.463,
          a: -0.93301,
          b: 4.933,
        },
        sd: {
          L: 0.057785,
          a: 0.0073089,
          b: 0.012242,
        },
        light: {
          level: 0.020031,
          tint: 0.0062519,
        },
        yellow: {
          value: 8.9082,
          sd: 1.0462,
        },
      },
      {
        id: 'upper',
        lab: {
          L: 87.832,
          a: -0.53167,
          b: 7.7075,
        },
        sd: {
          L: 0.043352,
          a: 0.0069733,
          b: 0.0086226,
        },
        light: {
          level: 0.016454,
          tint: 0.0048997,
        },
        yellow: {
          value: 14.8,
          sd: 0.8027,
        },
      },
    ],
  },
];
